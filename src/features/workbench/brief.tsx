"use client";

import { format, parseISO } from "date-fns";
import { useMemo } from "react";
import { catalog } from "@/catalog";
import { AREAS, approachFor } from "@/core/catalog";
import { DEMANDS } from "@/core/demands";
import { isBarKit, type LoadKit, lightestOf, loadableWeights, nearestLoadable } from "@/core/plates";
import { loadUnit } from "@/core/ramp";
import { fail, ok } from "@/core/result";
import { formatWeight, GREATEST_WEIGHT, parseWeight, type Weight, weight } from "@/core/units";
import {
  type AthleteRecord,
  type DraftLift,
  type GymKit,
  liftKit,
  startLift,
  type WarmUpDraft,
  type WarmUpEdit,
} from "@/core/warm-up";
import { Choice } from "@/ui/choice";
import { Stepper } from "@/ui/stepper";
import { parseWhole, stepWhole } from "@/ui/whole-number";
import { liftGroups } from "./lift-groups";

const LEVEL_WORDS = {
  slow: "slow to warm",
  "very-slow": "very slow",
  sore: "sore",
  avoid: "to avoid",
} as const;

/** Who and what: the athlete, the lift and its working sets, and the time, approach and room. */
export function Brief({
  athlete,
  gym,
  draft,
  at,
  onEdit,
  onCompare,
}: {
  athlete: AthleteRecord;
  gym: GymKit;
  draft: WarmUpDraft;
  /** The place of the lift in view. */
  at: number;
  onEdit: (edit: WarmUpEdit) => void;
  onCompare: () => void;
}) {
  const planned = draft.lifts[at]!;
  const lift = catalog.lifts.find((l) => l.id === planned.lift);
  const kit = useMemo(() => lift && liftKit(gym, lift, athlete), [gym, lift, athlete]);
  const known = athlete.workingWeights.find((w) => w.lift === planned.lift);
  const first = catalog.lifts.find((l) => l.id === draft.lifts[0]!.lift);
  const approach = approachFor(catalog, first, draft.approach);
  const isAlone = first?.kind === "drills-alone";
  const limiters = athlete.limiters.map((l) => DEMANDS[l].name.toLowerCase());
  const facts = [
    ...(limiters.length > 0 ? [`limited by ${limiters.join(" and ")}`] : []),
    ...athlete.areas.map((a) => `${AREAS[a.area].toLowerCase()} ${LEVEL_WORDS[a.level]}`),
  ];
  return (
    <section
      aria-label="Lift and time"
      className="pointer-events-none z-10 space-y-1.5 px-7 pt-3 lg:absolute lg:top-0 lg:left-0 lg:max-w-[46rem] [&>*]:pointer-events-auto"
    >
      <p className="w-fit max-w-[30rem] truncate text-ink-soft" title={athlete.note || undefined}>
        <span className="capitalize">{athlete.experience}</span>
        {athlete.bodyWeight !== null && ` · ${formatWeight(athlete.bodyWeight)} ${athlete.unit}`}
        {facts.length > 0 && ` · ${facts.join(", ")}`}
      </p>
      <div className="flex w-fit flex-wrap items-end gap-x-4">
        <Choice
          label="Lift"
          value={planned.lift}
          groups={liftGroups}
          onChange={(id) =>
            onEdit({
              kind: "choose-lift",
              at,
              lift: startLift(athlete, gym, catalog.lifts.find((l) => l.id === id)!),
            })
          }
          triggerClassName="text-[2.125rem] leading-[1.1] font-extrabold tracking-tight"
        />
        {kit && <WorkingWeight {...{ kit, unit: gym.unit, planned, at, onEdit }} />}
      </div>
      <div className="flex w-fit flex-wrap items-end gap-x-4 gap-y-1">
        {!lift?.kind && (
          <>
            <Stepper
              label="Sets"
              value={planned.sets}
              format={String}
              parse={parseWhole(1, 20)}
              next={stepWhole(1, 20)}
              onChange={(sets) => onEdit({ kind: "working", at, change: { sets } })}
            />
            <Stepper
              label="Reps"
              value={planned.reps}
              format={String}
              parse={parseWhole(1, 20)}
              next={stepWhole(1, 20)}
              onChange={(reps) => onEdit({ kind: "working", at, change: { reps } })}
            />
            <Stepper
              label="In reserve"
              value={planned.rir}
              format={String}
              parse={parseWhole(0, 10)}
              next={stepWhole(0, 10)}
              onChange={(rir) => onEdit({ kind: "working", at, change: { rir } })}
            />
          </>
        )}
        <Stepper
          label="Minutes"
          value={draft.minutes}
          format={String}
          parse={parseWhole(2, 60)}
          next={stepWhole(2, 60)}
          onChange={(minutes) => onEdit({ kind: "frame", change: { minutes } })}
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
                groups={[
                  {
                    options: catalog.approaches.map((a) => ({ value: a.id, label: a.name, note: a.belief })),
                  },
                ]}
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
        <span className="flex flex-col">
          <span className="condensed text-2xs text-ink-faint">Room</span>
          <Choice
            label="Room"
            value={draft.room}
            groups={[
              {
                options: [
                  { value: "normal", label: "Normal" },
                  { value: "cold", label: "Cold" },
                ],
              },
            ]}
            onChange={(room) => onEdit({ kind: "frame", change: { room: room as WarmUpDraft["room"] } })}
            triggerClassName="min-h-6 text-sm font-bold"
          />
        </span>
      </div>
      <p className="w-fit max-w-[26rem] text-2xs text-ink-faint">
        {lift?.kind
          ? "No working weight and no ramp: the drills lead into it."
          : known
            ? `Last: ${known.sets} × ${known.reps} × ${formatWeight(known.weight)} ${athlete.unit}, ${format(parseISO(known.day), "d MMM")}.`
            : "No working weight on record for this lift."}{" "}
        <span className="sr-only">{approach.summary}</span>
      </p>
    </section>
  );
}

/** The weight to start from when none is known: twice the bar, or this far up the list. */
const USUAL_START = { bar: 2, list: 0.3 };

function usualStart(kit: LoadKit): Weight | null {
  return isBarKit(kit)
    ? nearestLoadable(kit, (USUAL_START.bar * kit.empty) as Weight, false).lower
    : (kit.bodyWeight ?? kit.weights[Math.floor(USUAL_START.list * kit.weights.length)]!);
}

function WorkingWeight({
  kit,
  unit,
  planned,
  at,
  onEdit,
}: {
  kit: LoadKit;
  unit: GymKit["unit"];
  planned: DraftLift;
  at: number;
  onEdit: (edit: WarmUpEdit) => void;
}) {
  const change = (to: Weight) => onEdit({ kind: "working", at, change: { weight: to } });
  const nearest = (w: Weight) => {
    const { lower, upper } = nearestLoadable(kit, w, false);
    return [...new Set([lower, upper].filter((o) => o !== null))];
  };
  const all = useMemo(() => loadableWeights(kit, weight(GREATEST_WEIGHT)), [kit]);
  const lightest = lightestOf(kit);
  return (
    <Stepper<Weight | null>
      label="Working weight"
      hideLabel
      size="large"
      value={planned.weight}
      format={(w) => (w === null ? "" : formatWeight(w))}
      parse={(text) => {
        const parsed = parseWeight(text);
        if (!parsed.ok) return parsed;
        if (parsed.value < lightest)
          return fail(`Less than the lightest there is (${formatWeight(lightest)} ${unit}).`);
        return nearest(parsed.value).includes(parsed.value)
          ? ok(parsed.value)
          : fail("What there is here does not make this weight. Nearest:");
      }}
      suggestions={(text) => {
        const parsed = parseWeight(text);
        return parsed.ok ? nearest(parsed.value) : [];
      }}
      next={(w, direction) => {
        if (w === null) return usualStart(kit);
        return (direction > 0 ? all.find((t) => t > w) : all.findLast((t) => t < w)) ?? null;
      }}
      onChange={(w) => w !== null && change(w)}
      suffix={loadUnit(kit, unit)}
      width="6.2ch"
    />
  );
}
