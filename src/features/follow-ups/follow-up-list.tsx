"use client";

import { useRouter } from "next/navigation";
import { toast } from "@/client/toast";
import { useAsk } from "@/client/use-ask";
import { AREAS } from "@/core/catalog";
import type { Feels } from "@/core/follow-up";
import { formatWeight } from "@/core/units";
import { noteWeightAction } from "@/server/actions/athletes";
import { answerFollowUpAction, markAreaAction, smallestDoseAction } from "@/server/actions/follow-ups";
import type { FollowUp } from "@/server/follow-ups/follow-ups";
import { Button } from "@/ui/button";
import { dayInWords } from "@/ui/day-in-words";
import { Link } from "@/ui/link";
import { FeelsQuestion, MOMENT_WORDS } from "./feels-question";

/** What hurt or was stopped lately: how it is now, and what it has come to. */
export function FollowUpList({ followUps, today }: { followUps: readonly FollowUp[]; today: string }) {
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
            <FollowUpLine followUp={f} today={today} />
          </li>
        ))}
      </ul>
    </section>
  );
}

function FollowUpLine({ followUp, today }: { followUp: FollowUp; today: string }) {
  const { sessionId, day, athlete, about, name, area, moment, verdict, less } = followUp;
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
  const takeSmallest = async (drill: { id: string; name: string }) => {
    const set = (isSmallest: boolean) =>
      ask(smallestDoseAction, { athleteId: athlete.id, drill: drill.id, isSmallest });
    const outcome = await set(true);
    if (outcome.kind === "refused") return toast(outcome.message);
    router.refresh();
    const undo = async () => {
      await set(false);
      router.refresh();
    };
    return toast(`${athlete.name}: ${drill.name.toLowerCase()} at its smallest dose from now on`, {
      action: { label: "Undo", onClick: () => void undo() },
    });
  };
  const takeLighter = async () => {
    if (!less?.weight) return;
    const { lift, name: liftName, unit, ...record } = less.weight;
    const note = { athleteId: athlete.id, lift, day: today };
    const outcome = await ask(noteWeightAction, { ...note, record: { ...record, source: "coach" as const } });
    if (outcome.kind === "refused") return toast(outcome.message);
    router.refresh();
    const undo = async () => {
      await ask(noteWeightAction, { ...note, day: outcome.day, record: outcome.before });
      router.refresh();
    };
    return toast(
      `${athlete.name}: ${liftName.toLowerCase()} ${formatWeight(record.weight)} ${unit} from now on`,
      {
        action: { label: "Undo", onClick: () => void undo() },
      },
    );
  };
  const canMark = moment === null && area !== null;
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
      {(less?.drills.length || less?.weight || canMark) && (
        <span className="flex flex-wrap gap-2">
          {less?.drills.map((drill) => (
            <Button key={drill.id} onClick={() => void takeSmallest(drill)}>
              Less {drill.name.toLowerCase()}
            </Button>
          ))}
          {less?.weight && (
            <Button onClick={() => void takeLighter()}>
              {less.weight.name} {formatWeight(less.weight.weight)} {less.weight.unit} next time
            </Button>
          )}
          {canMark && verdict === "too-much" && (
            <Button onClick={() => void mark("sore")}>Mark {AREAS[area].toLowerCase()} as sore</Button>
          )}
          {canMark && verdict === "refer" && (
            <Button onClick={() => void mark("avoid")}>Avoid {AREAS[area].toLowerCase()}</Button>
          )}
        </span>
      )}
    </>
  );
}
