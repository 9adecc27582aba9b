"use client";

import { useRouter } from "next/navigation";
import { useTransition } from "react";
import { toast } from "@/client/toast";
import { answered } from "@/client/use-ask";
import { nameInSentence } from "@/core/catalog";
import type { Session } from "@/core/session";
import { toastUndo } from "@/features/recent-changes/toast-undo";
import { joinWords } from "@/lib/join-words";
import { giveLiftAction } from "@/server/actions/sessions";
import type { Member } from "@/server/sessions/open-session";
import { Button } from "@/ui/button";

/** Names that are spelled out of whom a lift does not reach. */
const NAMED = 3;

/** Whom a lift for everybody does not reach, since they have lifts of their own here, and the way to give it to them. */
export function LiftReach({
  session,
  lift,
  name,
  people,
}: {
  session: Session;
  lift: string;
  name: string;
  people: readonly Member[];
}) {
  const router = useRouter();
  const [isGiving, startGiving] = useTransition();
  const without = people.filter((p) => !p.draft.lifts.some((l) => l.lift === lift));
  if (without.length === 0) return null;
  const names = without.map((p) => p.athlete.name.split(" ")[0]!);
  const more = names.length - NAMED;
  const said = more > 0 ? [...names.slice(0, NAMED), `${more} more`] : names;
  const give = () =>
    startGiving(async () => {
      const outcome = await answered(
        giveLiftAction({ sessionId: session.id, lift, athleteIds: without.map((p) => p.athlete.id) }),
      );
      if (outcome.kind === "refused") return void toast(outcome.message);
      toastUndo(`${outcome.what}.`, outcome.token, () => router.refresh());
      router.refresh();
    });
  return (
    <p className="mt-1 max-w-lg text-xs leading-5">
      <span className="font-semibold text-ochre-deep">
        Reaches {people.length - without.length} of {people.length}.
      </span>{" "}
      {joinWords(said)} {without.length === 1 ? "has" : "have"} lifts of their own today.
      <Button
        look="bare"
        className="-ml-3 flex min-h-6 py-0 text-xs underline underline-offset-4"
        disabled={isGiving}
        onClick={give}
      >
        Give them the {nameInSentence(name)} too
      </Button>
    </p>
  );
}
