"use client";

import { Dialog } from "radix-ui";
import type { ReactNode, RefObject } from "react";
import { useReturnFocus } from "./use-return-focus";

/** What stands over the page and has the focus until it is closed; its title is in it, as `Dialog.Title`. */
export function DialogFrame({
  open,
  onOpenChange,
  className,
  dim = "bg-black/45",
  home,
  children,
}: {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  /** Where it stands, and how it looks besides its edge and ground. */
  className: string;
  /** What lies over the rest of the page. */
  dim?: string;
  /** Where the focus goes afterwards if what had it is gone by then. */
  home?: RefObject<HTMLElement | null>;
  children: ReactNode;
}) {
  const focus = useReturnFocus(home);
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className={`fixed inset-0 z-40 ${dim}`} />
        <Dialog.Content
          aria-describedby={undefined}
          {...focus}
          className={`fixed z-50 border-ink bg-chalk ${className}`}
        >
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
