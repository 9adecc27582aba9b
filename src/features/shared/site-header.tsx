import type { ReactNode } from "react";
import { Link } from "@/ui/link";
import { ThemeButton } from "@/ui/theme";
import { Wordmark } from "./wordmark";

export const PLACES = [
  { href: "/", name: "Today" },
  { href: "/calendar", name: "Calendar" },
  { href: "/athletes", name: "Athletes" },
  { href: "/gym", name: "Gym" },
  { href: "/library", name: "Library" },
  { href: "/files", name: "Files" },
] as const;

/** The head of the pages of the desk: the ways between them, and what a page puts beside them. */
export function SiteHeader({ at, children }: { at: (typeof PLACES)[number]["href"]; children?: ReactNode }) {
  return (
    <header className="flex min-h-12 flex-wrap items-center gap-x-7 border-b border-line px-4 pt-1 sm:px-7 sm:pt-0 print:hidden">
      <Link href="/" aria-label="Iron Step: today">
        <Wordmark />
      </Link>
      <nav
        aria-label="Places"
        className="flex gap-5 max-sm:order-last max-sm:w-full max-sm:justify-between max-sm:gap-2"
      >
        {PLACES.map(({ href, name }) => (
          <Link
            key={href}
            href={href}
            aria-current={href === at ? "page" : undefined}
            className="inline-flex min-h-12 items-center border-b-2 border-transparent font-semibold text-ink-soft hover:text-ink aria-[current]:border-ember aria-[current]:text-ink"
          >
            {name}
          </Link>
        ))}
      </nav>
      <div className="ml-auto flex items-center gap-3">
        {children}
        <ThemeButton />
      </div>
    </header>
  );
}
