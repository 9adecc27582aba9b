"use client";

import { useRouter } from "next/navigation";
import { useCustomContent } from "@/client/custom-content";
import { toast } from "@/client/toast";
import { useAsk } from "@/client/use-ask";
import { nameInSentence } from "@/core/catalog";
import { answerQuestionAction } from "@/server/actions/preferences";
import type { PreferenceQuestion as Question } from "@/server/preferences/preferences";
import { Button } from "@/ui/button";

type Scope = "athlete" | "lift" | "group" | "none";

/** Asks once whether what was changed again and again is to be so from now on. */
export function PreferenceQuestion({
  athlete,
  question,
}: {
  athlete: { id: string; name: string };
  question: Question | null;
}) {
  const router = useRouter();
  const ask = useAsk();
  const { setCustom } = useCustomContent();
  if (!question) return null;
  const { drill, name, kind, times, lift, liftName, group } = question;
  const answer = async (scope: Scope) => {
    const outcome = await ask(answerQuestionAction, { athleteId: athlete.id, drill, kind, scope, lift });
    if (outcome.kind === "refused") return toast(outcome.message);
    setCustom(outcome.custom);
    router.refresh();
    const done = kind === "never" ? `${name} is left out from now on` : `${name} is preferred from now on`;
    return toast(scope === "none" ? "Not asked again." : done);
  };
  const was = kind === "never" ? `taken out ${name}` : `put in ${name}`;
  const wish = kind === "never" ? "Leave it out from now on?" : "Prefer it from now on?";
  return (
    <section aria-label="Preference" className="mb-2 border-l-2 border-ink py-1 pl-4">
      <p className="mb-1.5">
        You have {was} {times} times for {athlete.name}. <span className="font-semibold">{wish}</span>
      </p>
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => void answer("athlete")}>For {athlete.name}</Button>
        {lift && liftName && (
          <Button onClick={() => void answer("lift")}>Before every {nameInSentence(liftName)}</Button>
        )}
        <Button onClick={() => void answer("group")}>For {group.name}</Button>
        <Button look="bare" onClick={() => void answer("none")}>
          No
        </Button>
      </div>
    </section>
  );
}
