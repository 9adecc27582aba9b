"use client";

import { useRouter } from "next/navigation";
import { toast } from "@/client/toast";
import { answered } from "@/client/use-ask";
import { joinWords } from "@/lib/join-words";
import { stopSharingCardsAction } from "@/server/actions/sessions";
import type { SharedCards } from "@/server/cards/card-addresses";
import { Button } from "@/ui/button";
import { dayInWords } from "@/ui/day-in-words";
import { Link } from "@/ui/link";

/** The links to cards that work now, by session, with when they end. */
export function CardLinks({ sessions }: { sessions: readonly SharedCards[] }) {
  const router = useRouter();
  const stop = async ({ id, name, athletes }: SharedCards) => {
    const athleteIds = athletes.map((a) => a.id);
    const outcome = await answered(stopSharingCardsAction({ sessionId: id, athleteIds }));
    toast(outcome.kind === "refused" ? outcome.message : `${name}: the links no longer work.`);
    router.refresh();
  };
  return (
    <section aria-label="Links to cards">
      <h2 className="section-title mb-1">Links to cards</h2>
      {sessions.length === 0 && (
        <p className="border-t border-line pt-2.5 text-ink-soft">
          None. Links to cards on phones are made from a session's cards, and end a week after the session.
        </p>
      )}
      <ul>
        {sessions.map((session) => (
          <li
            key={session.id}
            className="flex min-h-12 items-center justify-between gap-4 border-t border-line py-1.5"
          >
            <span className="min-w-0">
              <Link
                href={`/session/${session.id}/phones`}
                className="inline-flex min-h-6 items-center text-sm font-semibold underline decoration-line-strong underline-offset-4 hover:text-ember"
              >
                {session.name}, {dayInWords(session.day)}
              </Link>
              <span className="block text-ink-soft">
                {joinWords(session.athletes.map((a) => a.name))}; until {dayInWords(session.lastDay)}
              </span>
            </span>
            <Button
              className="shrink-0 whitespace-nowrap"
              aria-label={`Stop sharing: ${session.name}`}
              onClick={() => void stop(session)}
            >
              Stop sharing
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
