"use client";

import { Check } from "lucide-react";
import { useCatalog } from "@/client/catalog";
import { knownLift } from "@/core/catalog";
import { LIMITS } from "@/core/draft";
import { isBarKit } from "@/core/plates";
import { describeLoad, type RampSet } from "@/core/ramp";
import { formatSeconds, formatWeight, parseWeight, type Weight } from "@/core/units";
import { PlateStrip } from "@/features/shared/plate-strip";
import { fail } from "@/lib/result";
import { Button } from "@/ui/button";
import { Stepper } from "@/ui/stepper";
import { WholeStepper } from "@/ui/whole-stepper";
import { BackOffs } from "./back-offs";
import { tickEdit } from "./done-edit";
import { OnTheDay } from "./on-the-day";
import type { PanelProps } from "./panel-props";
import { RampControls } from "./ramp-controls";

/** One ramp set: what is on the bar, what is done with it, and what the coach may change about it. */
export function SetPanel({
  set,
  index,
  plan,
  draft,
  gym,
  weights,
  onEdit,
}: PanelProps & { set: RampSet; index: number }) {
  const catalog = useCatalog();
  const ramp = plan.ramps[0]!;
  const sets = ramp.sets.length;
  const above = ramp.sets[index + 1]?.weight ?? ramp.working.weight;
  const below = ramp.sets[index - 1]?.weight ?? 0;
  const free = weights.filter((w) => w > below && w < above);
  const near = (text: string): Weight[] => {
    const parsed = parseWeight(text);
    if (!parsed.ok) return [];
    const options = [free.findLast((w) => w <= parsed.value), free.find((w) => w >= parsed.value)];
    return [...new Set(options.filter((w) => w !== undefined))];
  };
  const lift = draft.lifts[plan.at]!;
  const isDone = index < ramp.done;
  return (
    <div className="space-y-4">
      <header>
        <h2 className="text-lg leading-tight font-bold tracking-tight">
          Ramp set {index + 1} of {sets}
        </h2>
        <p className="condensed text-ink-faint">
          {Math.round(set.fraction * 100)} % of {formatWeight(ramp.working.weight)} {gym.unit}
        </p>
      </header>
      {isBarKit(ramp.kit) && <PlateStrip plates={gym.plates} perSide={set.perSide} scale={0.2} />}
      <p className="text-sm font-medium">{describeLoad(ramp.kit, set, gym.unit)}.</p>
      {set.notes.length > 0 && (
        <ul className="space-y-0.5">
          {set.notes.map((note) => (
            <li key={note}>{note.charAt(0).toUpperCase() + note.slice(1)}.</li>
          ))}
        </ul>
      )}
      <Button onClick={() => onEdit(tickEdit(plan, index))}>
        <Check aria-hidden className="size-4" />
        {isDone ? "Mark as not done" : "Done up to here"}
      </Button>
      {isDone ? (
        <p className="text-ink-soft">
          A done set stays as it was. The sets after it follow from it, also when the working weight changes.
        </p>
      ) : (
        <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
          <Stepper
            label="Weight"
            value={set.weight}
            format={formatWeight}
            parse={(text) => {
              const parsed = parseWeight(text);
              if (!parsed.ok || free.includes(parsed.value)) return parsed;
              return fail("No weight between the sets beside it matches. Nearest:");
            }}
            suggestions={near}
            next={(w, direction) => free[free.indexOf(w) + direction] ?? null}
            onChange={(weight) =>
              onEdit({ kind: "change-set", at: plan.at, set: index, sets, change: { weight } })
            }
            suffix={gym.unit}
            width="6ch"
          />
          <WholeStepper
            label="Reps"
            value={set.reps}
            range={LIMITS.reps}
            onChange={(reps) =>
              onEdit({ kind: "change-set", at: plan.at, set: index, sets, change: { reps } })
            }
          />
          <WholeStepper
            label="Rest"
            value={set.restSeconds}
            range={LIMITS.restSeconds}
            step={5}
            onChange={(restSeconds) =>
              onEdit({ kind: "change-set", at: plan.at, set: index, sets, change: { restSeconds } })
            }
            suffix="s"
            width="3.5ch"
          />
          <WholeStepper
            label="Ramp sets"
            value={sets}
            range={LIMITS.rampSets}
            onChange={(count) => onEdit({ kind: "change-lift", at: plan.at, change: { rampSets: count } })}
          />
        </div>
      )}
      <RampControls lift={knownLift(catalog, lift.lift)} draft={lift} at={plan.at} onEdit={onEdit} />
      <p className="text-ink-soft">
        {set.seconds} s for the set. The rest is up to the {index === sets - 1 ? "first working" : "next"} set
        {isBarKit(ramp.kit) && ", plates changed in it"}.
      </p>
    </div>
  );
}

/** The first working set, what the way to it takes, and what may change on the day. */
export function WorkPanel({ plan, gym, draft, weights, onEdit }: PanelProps) {
  const ramp = plan.ramps[0]!;
  const { totals, working } = ramp;
  const lift = draft.lifts[plan.at]!;
  return (
    <div className="space-y-4">
      <header>
        <h2 className="text-lg leading-tight font-bold tracking-tight text-ember">First working set</h2>
        <p className="condensed text-ink-faint">
          {lift.sets} × {lift.reps} × {formatWeight(working.weight)} {gym.unit}
        </p>
      </header>
      {isBarKit(ramp.kit) && <PlateStrip plates={gym.plates} perSide={working.perSide} scale={0.2} />}
      <p className="text-sm font-medium">{describeLoad(ramp.kit, working, gym.unit)}.</p>
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1 text-ink-soft">
        <dt>Ramp</dt>
        <dd>{formatSeconds(totals.seconds)}</dd>
        <dt>Reps on the way</dt>
        <dd>
          {totals.reps}, of them {totals.repsAt85} at 85 % or more
        </dd>
        {isBarKit(ramp.kit) && (
          <>
            <dt>Plates moved</dt>
            <dd>{totals.moves} on each side</dd>
          </>
        )}
      </dl>
      <OnTheDay plan={plan} lift={lift} gym={gym} onEdit={onEdit} />
      <BackOffs lift={lift} at={plan.at} weights={weights} unit={gym.unit} onEdit={onEdit} />
    </div>
  );
}
