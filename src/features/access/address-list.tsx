"use client";

import { CalendarPlus } from "lucide-react";
import { useRouter } from "next/navigation";
import { useRef, useState } from "react";
import { toast } from "@/client/toast";
import { answered } from "@/client/use-ask";
import { joinWords } from "@/lib/join-words";
import type { Addresses } from "@/server/access/addresses";
import { shareCalendarAction, stopSharingCalendarAction } from "@/server/actions/access";
import { stopSharingWallAction } from "@/server/actions/floor";
import { stopSharingCardsAction } from "@/server/actions/sessions";
import { Button } from "@/ui/button";
import { dayInWords } from "@/ui/day-in-words";
import { Link } from "@/ui/link";
import { NameDialog } from "@/ui/name-dialog-later";

const NAME =
  "inline-flex min-h-6 items-center text-sm font-semibold underline decoration-line-strong underline-offset-4 hover:text-ember";

/** An address that needs no sign-in, as it is listed. */
interface Row {
  key: string;
  name: string;
  /** Where in the app it was made; null: here. */
  href: string | null;
  note: string;
  /** Ends it; what is returned is said where it could not be. */
  stop: () => Promise<{ kind: string; message?: string }>;
}

function rowsOf({ cards, walls, calendars }: Addresses): Row[] {
  return [
    ...cards.map(
      (c): Row => ({
        key: `cards ${c.id}`,
        name: `Cards: ${c.name}, ${dayInWords(c.day)}`,
        href: `/session/${c.id}/phones`,
        note: `${joinWords(c.athletes.map((a) => a.name))}; until ${dayInWords(c.lastDay)}`,
        stop: () =>
          answered(stopSharingCardsAction({ sessionId: c.id, athleteIds: c.athletes.map((a) => a.id) })),
      }),
    ),
    ...walls.map(
      (w): Row => ({
        key: `wall ${w.sessionId}`,
        name: `Wall: ${w.session ?? "a session that is gone"}${w.day ? `, ${dayInWords(w.day)}` : ""}`,
        href: w.session ? `/session/${w.sessionId}/floor` : null,
        note: "Until it is stopped",
        stop: () => answered(stopSharingWallAction(w.sessionId)),
      }),
    ),
    ...calendars.map(
      (c): Row => ({
        key: `calendar ${c.token}`,
        name: `Calendar: ${c.name}`,
        href: null,
        note: `${c.address}; until it is stopped`,
        stop: () => answered(stopSharingCalendarAction(c.token)),
      }),
    ),
  ];
}

/** All addresses at which something can be seen without coming in, with when they end. */
export function AddressList({ addresses }: { addresses: Addresses }) {
  const router = useRouter();
  const [naming, setNaming] = useState(false);
  const home = useRef<HTMLElement>(null);
  const rows = rowsOf(addresses);
  const stop = async ({ name, stop: end }: Row) => {
    const outcome = await end();
    await toast(
      outcome.kind === "refused" ? (outcome.message ?? "") : `${name}: the address no longer works.`,
    );
    router.refresh();
  };
  return (
    <section aria-label="Addresses" ref={home} tabIndex={-1}>
      <h2 className="section-title mb-1">Addresses without sign-in</h2>
      {rows.length === 0 && (
        <p className="border-t border-line pt-2 text-ink-soft">
          None. Links to cards are made from a session's cards and end a week after it; walls from the floor;
          calendars here.
        </p>
      )}
      <ul className="border-b border-line">
        {rows.map((row) => (
          <li
            key={row.key}
            className="flex min-h-12 items-center justify-between gap-4 border-t border-line py-1.5"
          >
            <span className="min-w-0">
              {row.href ? (
                <Link href={row.href} className={NAME}>
                  {row.name}
                </Link>
              ) : (
                <span className="text-sm font-semibold">{row.name}</span>
              )}
              <span className="block break-words text-ink-soft">{row.note}</span>
            </span>
            <Button
              className="shrink-0 whitespace-nowrap"
              aria-label={`Stop sharing: ${row.name}`}
              onClick={() => void stop(row)}
            >
              Stop sharing
            </Button>
          </li>
        ))}
      </ul>
      <Button look="bare" className="mt-1 -ml-3" onClick={() => setNaming(true)}>
        <CalendarPlus aria-hidden className="size-4" />
        Share the calendar
      </Button>
      {naming && (
        <NameDialog
          open
          title="Share the calendar"
          label="For whom"
          name=""
          note="A calendar program subscribes to an address of its own: days, times, lifts and how many come."
          action="Make an address"
          home={home}
          onClose={() => setNaming(false)}
          onTake={async (name) => {
            const outcome = await answered(shareCalendarAction({ name }));
            if (outcome.kind === "refused") return outcome.message;
            router.refresh();
            return null;
          }}
        />
      )}
    </section>
  );
}
