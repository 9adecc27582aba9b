"use client";

import { CircleUser } from "lucide-react";
import type { ReactNode } from "react";
import { useLooker } from "@/client/looker";
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
  { href: "/access", name: "Access" },
] as const;

/** Places of who works on the floor only. */
const ON_THE_FLOOR: readonly string[] = ["/"];

/** The places that who looks may go to. */
export function usePlaces() {
  const { hasDesk } = useLooker();
  return !hasDesk ? PLACES.filter((p) => ON_THE_FLOOR.includes(p.href)) : PLACES;
}

/** A page that has the head of the desk. */
export type Place = (typeof PLACES)[number]["href"] | "/account";

/** The head of the pages of the desk: the ways between them, and what a page puts beside them. */
export function SiteHeader({ at, children }: { at: Place; children?: ReactNode }) {
  const places = usePlaces();
  const { name, isSignedIn } = useLooker();
  return (
    <header className="flex min-h-12 flex-wrap items-center gap-x-7 border-b border-line px-4 pt-1 sm:px-7 sm:pt-0 print:hidden">
      <Link href="/" aria-label="Iron Step: today">
        <Wordmark />
      </Link>
      <nav
        aria-label="Places"
        className="flex gap-5 max-sm:order-last max-sm:w-full max-sm:justify-between max-sm:gap-2"
      >
        {places.map(({ href, name: place }) => (
          <Link
            key={href}
            href={href}
            aria-current={href === at ? "page" : undefined}
            className="inline-flex min-h-12 items-center border-b-2 border-transparent font-semibold text-ink-soft hover:text-ink aria-[current]:border-ember aria-[current]:text-ink"
          >
            {place}
          </Link>
        ))}
      </nav>
      <div className="ml-auto flex items-center gap-3">
        {children}
        {isSignedIn && (
          <Link
            href="/account"
            aria-current={at === "/account" ? "page" : undefined}
            className="inline-flex min-h-8 items-center gap-1.5 font-semibold text-ink-soft hover:text-ink"
          >
            <CircleUser aria-hidden className="size-4" />
            <span className="max-w-40 truncate max-sm:sr-only">{name}</span>
          </Link>
        )}
        <ThemeButton />
      </div>
    </header>
  );
}
