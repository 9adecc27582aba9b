"use client";

import type { ReactNode } from "react";
import { useLooker } from "@/client/looker";
import { Link } from "@/ui/link";

/** A link to a page of the desk; for who works on the floor only, what it says without the link. */
export function DeskLink({
  href,
  className,
  children,
}: {
  href: string;
  className: string;
  children: ReactNode;
}) {
  const { hasDesk } = useLooker();
  if (!hasDesk)
    return <span className={className.replaceAll(/\b(hover:\S+|underline)\b/g, "")}>{children}</span>;
  return (
    <Link href={href} className={className}>
      {children}
    </Link>
  );
}
