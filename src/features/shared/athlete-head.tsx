import type { ReactNode } from "react";
import { Link } from "@/ui/link";
import { PageLinks } from "@/ui/page-links";

/** The pages of one athlete, by the last part of their address. */
const PAGES = [
  { id: "profile", path: "", name: "Profile" },
  { id: "tests", path: "/tests", name: "Tests" },
  { id: "progress", path: "/progress", name: "Progress" },
] as const;

const BACK = "inline-flex min-h-6 items-center text-ink-soft underline underline-offset-4 hover:text-ink";

/** Who a page is about, the ways between the pages of that athlete, and what can be done there. */
export function AthleteHead({
  athlete,
  at,
  back = null,
  children,
}: {
  athlete: { id: string; name: string };
  at: (typeof PAGES)[number]["id"];
  /** The page of a session that somebody came from. */
  back?: string | null;
  children?: ReactNode;
}) {
  return (
    <>
      <div className="flex flex-wrap items-end justify-between gap-4">
        <div>
          <span className="flex gap-4">
            {back && (
              <Link href={back} className={BACK}>
                Back to the session
              </Link>
            )}
            <Link href="/athletes" className={BACK}>
              Athletes
            </Link>
          </span>
          <h1 className="text-[2.125rem] leading-tight font-extrabold tracking-tight">{athlete.name}</h1>
        </div>
        <div className="flex flex-wrap gap-x-5 gap-y-2">{children}</div>
      </div>
      <PageLinks
        label={`Pages of ${athlete.name}`}
        pages={PAGES.map(({ id, path, name }) => ({
          href: `/athletes/${athlete.id}${path}`,
          name,
          isHere: id === at,
        }))}
      />
    </>
  );
}
