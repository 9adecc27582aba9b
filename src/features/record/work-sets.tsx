"use client";

import { FELT, type Felt } from "@/core/ramp";
import type { LiftPlanned, SetDone } from "@/core/record";
import { formatWeight, parseWeight, type Weight } from "@/core/units";
import type { RecordOfAthlete } from "@/server/record/open-record";
import { Choice } from "@/ui/choice";
import { Stepper } from "@/ui/stepper";
import { Toggle } from "@/ui/toggle";
import { WholeStepper } from "@/ui/whole-stepper";
import { useRecord } from "./use-record";

const UNSAID = "unsaid";
const FELT_WORDS = [
  { value: UNSAID, label: "not said" },
  ...FELT.map((felt) => ({ value: felt, label: felt })),
];
/** Set, weight, reps, how it felt. */
const COLUMNS = "grid grid-cols-[4.5rem_10rem_7rem_auto] items-center";
/** Half a kg or a pound: what steps of weight are here, where any plate may have been used. */
const STEP = 500;

/** Working sets of an athlete as they were done, to be put right. */
export function WorkSets({ sessionId, of }: { sessionId: string; of: RecordOfAthlete }) {
  const lifts = of.lifts.filter((l) => l.working);
  if (lifts.length === 0) return null;
  return (
    <section aria-label={`Working sets of ${of.name}`}>
      <h2 className="section-title mb-1">Working sets</h2>
      {lifts.map((lift) => (
        <fieldset key={lift.at} className="border-t border-line py-1">
          <legend className="sr-only">{lift.name}</legend>
          <p aria-hidden className="font-semibold">
            {lift.name}
            {lift.isStopped && <span className="text-ember"> stopped</span>}
          </p>
          <p aria-hidden className={`condensed text-2xs text-ink-soft ${COLUMNS}`}>
            <span className="col-start-2 pl-8">Weight</span>
            <span className="pl-8">Reps</span>
            <span>Felt</span>
          </p>
          {Array.from({ length: setsOf(lift, of.sets) }, (_, set) => (
            <WorkSet
              // biome-ignore lint/suspicious/noArrayIndexKey: a set is its number
              key={set}
              {...{ sessionId, lift, set }}
              athlete={of.athlete}
              done={of.sets.find((s) => s.isWork && s.at === lift.at && s.set === set) ?? null}
            />
          ))}
        </fieldset>
      ))}
    </section>
  );
}

/** How many sets there are to tell of: those that were planned, and those that were done besides. */
function setsOf(lift: LiftPlanned, sets: readonly SetDone[]): number {
  const done = sets.filter((s) => s.isWork && s.at === lift.at).map((s) => s.set + 1);
  return Math.max(lift.working!.sets, ...done);
}

function WorkSet({
  sessionId,
  athlete,
  lift,
  set,
  done,
}: {
  sessionId: string;
  athlete: string;
  lift: LiftPlanned;
  set: number;
  done: SetDone | null;
}) {
  const { change } = useRecord(sessionId, athlete);
  const { weight, reps } = done ?? lift.working!;
  const put = (to: { weight: Weight; reps: number; felt: Felt | null } | null) =>
    change({ kind: "set", lift: lift.at, set, done: to });
  const now = { weight, reps, felt: done?.felt ?? null };
  const label = `Set ${set + 1}`;
  return (
    <div className={`min-h-10 ${COLUMNS}`}>
      <Toggle label={label} isOn={done !== null} onChange={(on) => put(on ? now : null)} />
      {done && (
        <>
          <Stepper
            label={`${label}, weight`}
            hideLabel
            value={weight}
            format={formatWeight}
            parse={parseWeight}
            next={(w, direction) => (w + direction * STEP < 0 ? null : ((w + direction * STEP) as Weight))}
            onChange={(to) => put({ ...now, weight: to })}
            suffix={lift.unit}
            width="6ch"
          />
          <WholeStepper
            label={`${label}, reps`}
            hideLabel
            value={reps}
            range={[0, 50]}
            onChange={(to) => put({ ...now, reps: to })}
          />
          <Choice
            label={`${label}, felt`}
            value={now.felt ?? UNSAID}
            groups={[{ options: FELT_WORDS }]}
            onChange={(to) => put({ ...now, felt: FELT.find((f) => f === to) ?? null })}
            triggerClassName="min-h-6 text-sm font-bold"
          />
        </>
      )}
    </div>
  );
}
