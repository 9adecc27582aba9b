"use client";

import { memo, useMemo, useState } from "react";
import { useCatalog } from "@/client/catalog";
import type { AthleteRecord } from "@/core/athlete";
import { AREAS, approachFor, knownApproach, knownLift } from "@/core/catalog";
import { DEMANDS } from "@/core/demands";
import { LIMITS, oneRepMaxIn, startLift, type WarmUpDraft, type WarmUpEdit } from "@/core/draft";
import { type GymKit, liftKit } from "@/core/gym";
import { nearestLoadable } from "@/core/plates";
import type { Session } from "@/core/session";
import { formatWeight } from "@/core/units";
import { approachGroups, liftGroups } from "@/features/shared/lift-groups";
import { TEMPERATURES } from "@/features/shared/temperatures";
import { UsualMinutes } from "@/features/shared/usual-minutes";
import { Choice, LabelledChoice } from "@/ui/choice";
import { shortDay } from "@/ui/day-in-words";
import { WholeStepper } from "@/ui/whole-stepper";
import { FromNowOn } from "./from-now-on";
import { type SaidWeight, WorkingWeight } from "./working-weight";

const LEVEL_WORDS = {
  slow: "slow to warm",
  "very-slow": "very slow",
  sore: "sore",
  avoid: "to avoid",
} as const;

/** The usual bar in the list of bars; no name of a bar begins so. */
const USUAL_BAR = " usual";

function barOptions({ bar, otherBars, unit }: GymKit, { ownBar, unit: ownUnit }: AthleteRecord) {
  const usual = ownBar ?? bar;
  return [
    {
      value: USUAL_BAR,
      label: usual.name,
      note: `${formatWeight(usual.weight)} ${ownBar ? ownUnit : unit}${ownBar ? ", the athlete's own" : ""}`,
    },
    ...otherBars.map((b) => ({ value: b.name, label: b.name, note: `${formatWeight(b.weight)} ${unit}` })),
  ];
}

/** Who and what: the athlete, the lift and its working sets, and the time, approach and room. */
export const Brief = memo(function Brief({
  athlete,
  gym,
  draft,
  at,
  rampMinutes,
  day,
  session,
  onEdit,
  onCompare,
}: {
  athlete: AthleteRecord;
  gym: GymKit;
  draft: WarmUpDraft;
  /** The place of the lift in view. */
  at: number;
  /** What the ramp of the first lift takes, rounded up. */
  rampMinutes: number;
  /** Of the session. */
  day: string;
  /** The session whose time, approach and room are everybody's; null: they are this athlete's. */
  session: Session | null;
  onEdit: (edit: WarmUpEdit) => void;
  onCompare: () => void;
}) {
  const planned = draft.lifts[at]!;
  const catalog = useCatalog();
  const lift = knownLift(catalog, planned.lift);
  const kit = useMemo(() => liftKit(gym, lift, athlete, planned.bar), [gym, lift, athlete, planned.bar]);
  const oneRepMax = useMemo(() => oneRepMaxIn(gym, athlete, lift), [gym, athlete, lift]);
  const [said, setSaid] = useState<SaidWeight | null>(null);
  const known = athlete.workingWeights.find((w) => w.lift === planned.lift);
  const first = knownLift(catalog, draft.lifts[0]!.lift);
  const approach = approachFor(catalog, first, draft.approach);
  const isAlone = first.kind === "drills-alone";
  const limiters = athlete.limiters.map((l) => DEMANDS[l].name.toLowerCase());
  const facts = [
    ...(limiters.length > 0 ? [`limited by ${limiters.join(" and ")}`] : []),
    ...athlete.areas.map((a) => `${AREAS[a.area].toLowerCase()} ${LEVEL_WORDS[a.level]}`),
  ];
  return (
    <section
      aria-label="Lift and time"
      className="pointer-events-none z-10 space-y-1.5 px-7 pt-3 lg:absolute lg:top-0 lg:left-0 lg:max-w-[52rem] [&>*]:pointer-events-auto"
    >
      <p className="w-fit max-w-[min(30rem,100%)] truncate text-ink-soft" title={athlete.note || undefined}>
        <span className="capitalize">{athlete.experience}</span>
        {athlete.bodyWeight !== null && ` · ${formatWeight(athlete.bodyWeight)} ${athlete.unit}`}
        {facts.length > 0 && ` · ${facts.join(", ")}`}
      </p>
      <div className="flex w-fit flex-wrap items-end gap-x-4">
        <Choice
          label="Lift"
          value={planned.lift}
          groups={liftGroups(catalog, planned.lift)}
          onChange={(id) =>
            onEdit({
              kind: "choose-lift",
              at,
              lift: startLift(athlete, gym, knownLift(catalog, id)),
            })
          }
          triggerClassName="text-[2.125rem] leading-[1.1] font-extrabold tracking-tight"
        />
        {kit && (
          <WorkingWeight {...{ kit, unit: gym.unit, planned, oneRepMax, at, onEdit }} onSaid={setSaid} />
        )}
      </div>
      <div className="flex w-fit flex-wrap items-end gap-x-4 gap-y-1">
        {!lift.kind && (
          <>
            <WholeStepper
              label="Sets"
              value={planned.sets}
              range={LIMITS.sets}
              onChange={(sets) => onEdit({ kind: "change-lift", at, change: { sets } })}
            />
            <WholeStepper
              label="Reps"
              value={planned.reps}
              range={LIMITS.reps}
              onChange={(reps) => onEdit({ kind: "change-lift", at, change: { reps } })}
            />
            <WholeStepper
              label="Reps in reserve"
              value={planned.rir}
              range={LIMITS.rir}
              onChange={(rir) => onEdit({ kind: "change-lift", at, change: { rir } })}
            />
          </>
        )}
        {lift.implement === "barbell" && gym.otherBars.length > 0 && (
          <LabelledChoice
            label="Bar"
            value={planned.bar ?? USUAL_BAR}
            groups={[{ options: barOptions(gym, athlete) }]}
            onChange={(name) => {
              const bar = name === USUAL_BAR ? null : name;
              const next = liftKit(gym, lift, athlete, bar);
              const weight =
                next && planned.weight !== null ? nearestLoadable(next, planned.weight, false).lower : null;
              onEdit({ kind: "change-lift", at, change: { bar, weight: weight ?? planned.weight } });
            }}
          />
        )}
        {session ? (
          <SharedFrame session={session} />
        ) : (
          <>
            <WholeStepper
              label="Minutes"
              value={draft.minutes}
              range={LIMITS.minutes}
              onChange={(minutes) => onEdit({ kind: "frame", change: { minutes } })}
            />
            <UsualMinutes
              approach={approach}
              minutes={draft.minutes}
              rampMinutes={rampMinutes}
              onTake={(minutes) => onEdit({ kind: "frame", change: { minutes } })}
            />
            <span className="flex flex-col">
              <span className="condensed text-2xs text-ink-faint">Approach</span>
              {isAlone ? (
                <span className="min-h-6 text-sm font-bold">{approach.name}</span>
              ) : (
                <span className="flex items-center gap-2">
                  <Choice
                    label="Approach"
                    value={draft.approach}
                    groups={approachGroups(catalog, draft.approach)}
                    onChange={(id) => onEdit({ kind: "frame", change: { approach: id } })}
                    triggerClassName="min-h-6 text-sm font-bold"
                  />
                  <button
                    type="button"
                    onClick={onCompare}
                    className="min-h-6 text-ink-soft underline decoration-line-strong underline-offset-4 hover:text-ink"
                  >
                    Compare
                  </button>
                </span>
              )}
            </span>
            <LabelledChoice
              label="Gym"
              value={draft.room}
              groups={TEMPERATURES}
              onChange={(room) => onEdit({ kind: "frame", change: { room: room as WarmUpDraft["room"] } })}
            />
          </>
        )}
      </div>
      <p role="status" className="w-fit max-w-[26rem] text-2xs text-ink-faint">
        {said?.weight === planned.weight && `${said.text} `}
        {lift.kind
          ? "No working weight, so no ramp: the drills lead straight into it."
          : known
            ? `Last: ${known.sets} × ${known.reps} × ${formatWeight(known.weight)} ${athlete.unit}, ${shortDay(known.day)}.`
            : "No working weight on record for this lift."}{" "}
        <span className="sr-only">{approach.summary}</span>
      </p>
      {!lift.kind && (
        <div className="w-fit text-2xs text-ink-soft">
          <FromNowOn {...{ athlete, lift, planned, gym, day }} />
        </div>
      )}
    </section>
  );
});

/** What is the same for everybody in the session; it is changed there. */
function SharedFrame({ session }: { session: Session }) {
  const catalog = useCatalog();
  const approach = knownApproach(catalog, session.approach).name;
  const facts = [
    ["Minutes", String(session.minutes)],
    ["Approach", approach],
    ["Gym", session.room === "cold" ? "Cold" : "Normal"],
  ];
  return facts.map(([label, value]) => (
    <span key={label} className="flex flex-col">
      <span className="condensed text-2xs text-ink-faint">{label}</span>
      <span className="min-h-6 text-sm font-bold">{value}</span>
    </span>
  ));
}
