"use client";

import { useRouter } from "next/navigation";
import { toast } from "@/client/toast";
import { useAsk } from "@/client/use-ask";
import { AREAS } from "@/core/catalog";
import type { Feels } from "@/core/follow-up";
import { answerFollowUpAction, markAreaAction } from "@/server/actions/follow-ups";
import type { FollowUp } from "@/server/follow-ups/follow-ups";
import { Button } from "@/ui/button";
import { dayInWords } from "@/ui/day-in-words";
import { Link } from "@/ui/link";
import { FeelsQuestion, MOMENT_WORDS } from "./feels-question";

/** What hurt or was stopped lately: how it is now, and what it has come to. */
export function FollowUpList({ followUps }: { followUps: readonly FollowUp[] }) {
  if (followUps.length === 0) return null;
  return (
    <section aria-label="Follow-ups" className="mt-6">
      <h2 className="section-title mb-1">How is it now</h2>
      <ul className="border-b border-line">
        {followUps.map((f) => (
          <li
            key={`${f.sessionId} ${f.athlete.id} ${f.about}`}
            className="flex flex-wrap items-center gap-x-6 gap-y-2 border-t border-line py-2"
          >
            <FollowUpLine followUp={f} />
          </li>
        ))}
      </ul>
    </section>
  );
}

function FollowUpLine({ followUp }: { followUp: FollowUp }) {
  const { sessionId, day, athlete, about, name, area, moment, verdict } = followUp;
  const router = useRouter();
  const ask = useAsk();
  const done = async (outcome: { kind: string; message?: string }, said: string) => {
    await toast(outcome.kind === "refused" ? (outcome.message ?? "") : said);
    router.refresh();
  };
  const answer = async (feels: Feels, level: number) => {
    if (moment === null) return;
    const asked = { sessionId, athleteId: athlete.id, about, moment, feels, level };
    await done(await ask(answerFollowUpAction, asked), `Noted: ${athlete.name}, ${name.toLowerCase()}`);
  };
  const mark = async (level: "sore" | "avoid") => {
    if (area === null) return;
    const outcome = await ask(markAreaAction, { athleteId: athlete.id, area, level });
    await done(outcome, `${athlete.name}: ${AREAS[area].toLowerCase()} marked as ${level}`);
  };
  return (
    <>
      <p className="min-w-64 flex-1">
        <Link
          href={`/athletes/${athlete.id}`}
          className="font-semibold underline decoration-line-strong underline-offset-4 hover:text-ember"
        >
          {athlete.name}
        </Link>
        : {name} <span className="text-ink-soft">on {dayInWords(day)}</span>
        {moment && <span className="text-ink-soft">. How is it {MOMENT_WORDS[moment]}?</span>}
        {verdict === "too-much" && (
          <span className="block font-semibold text-ember">Worse than before: go lighter next time.</span>
        )}
        {verdict === "refer" && (
          <span className="block font-semibold text-ember">
            Lasting or rising: see a licensed clinician before training it again.
          </span>
        )}
      </p>
      {moment && (
        <FeelsQuestion
          name={`${athlete.name}, ${name}, ${MOMENT_WORDS[moment]}`}
          onAnswer={(feels, level) => void answer(feels, level)}
        />
      )}
      {!moment && area && (
        <span className="flex gap-2">
          {verdict === "too-much" && (
            <Button onClick={() => void mark("sore")}>Mark {AREAS[area].toLowerCase()} as sore</Button>
          )}
          {verdict === "refer" && (
            <Button onClick={() => void mark("avoid")}>Avoid {AREAS[area].toLowerCase()}</Button>
          )}
        </span>
      )}
    </>
  );
}
