"use client";

import { Circle, CircleCheck } from "lucide-react";
import { memo } from "react";
import type { WarmUpEdit } from "@/core/draft";
import type { GymKit } from "@/core/gym";
import type { LiftPlan, Stair } from "@/core/plan";
import { isBarKit } from "@/core/plates";
import { describeLoad } from "@/core/ramp";
import { formatClock, formatWeight } from "@/core/units";
import { heatColour } from "@/features/shared/heat";
import { PlateStrip } from "@/features/shared/plate-strip";
import { IconButton } from "@/ui/button";
import { tickEdit } from "./done-edit";
import { type Chosen, sameChoice } from "./selection";

const ROW =
  "grid w-full grid-cols-[0.5rem_2.25rem_minmax(0,1fr)_auto] items-center gap-x-2 border-t border-line text-left min-h-[2.9rem]";

/** The ramp sets one under the other, and the first working set. */
export const RampRows = memo(function RampRows({
  plan,
  stair,
  gym,
  chosen,
  onChoose,
  onEdit,
}: {
  plan: LiftPlan;
  stair: Stair;
  gym: GymKit;
  chosen: Chosen;
  onChoose: (chosen: Chosen) => void;
  onEdit: (edit: WarmUpEdit) => void;
}) {
  const ramp = plan.ramps[0];
  if (!ramp) return null;
  return (
    <ol className="border-b border-line" aria-label="Ramp">
      {[...ramp.sets, null].map((set, i) => {
        const load = set ?? ramp.working;
        const to: Chosen = set ? { kind: "set", set: i } : { kind: "work" };
        const tread = stair.treads.find((t) => t.kind === (set ? "set" : "work") && (!set || t.index === i));
        const isChosen = sameChoice(chosen, to);
        const isDone = set !== null && i < ramp.done;
        return (
          <li key={set ? i : "work"} className={`${ROW} ${isChosen ? "bg-field" : "hover:bg-field/60"}`}>
            <span
              aria-hidden
              className="h-full w-1"
              style={{ backgroundColor: heatColour(set ? (tread?.heat ?? 0) : 1) }}
            />
            <span className="text-right text-ink-faint">{formatClock(tread?.startsAt ?? 0)}</span>
            <button
              type="button"
              aria-pressed={isChosen}
              data-rove
              tabIndex={isChosen ? 0 : -1}
              onClick={() => onChoose(to)}
              className="grid min-w-0 grid-cols-[5rem_minmax(0,1fr)] items-center gap-x-2 gap-y-0.5 py-1 text-left sm:grid-cols-[6.5rem_5.5rem_minmax(0,1fr)]"
            >
              <span className={`condensed text-xl font-bold ${set ? "" : "text-ember"}`}>
                {formatWeight(load.weight)}
                <span className="text-sm font-semibold"> {gym.unit}</span>
              </span>
              {isBarKit(ramp.kit) ? (
                <PlateStrip plates={gym.plates} perSide={load.perSide} scale={0.09} />
              ) : (
                <span />
              )}
              <span className="text-xs text-ink-soft max-sm:col-span-2 sm:truncate">
                {set ? "" : "First working set. "}
                {describeLoad(ramp.kit, load, gym.unit)}
                {set && <span className="sm:hidden">, rest {set.restSeconds} s</span>}
              </span>
            </button>
            <span className="flex items-center pr-2">
              {set && (
                <>
                  <span className="condensed text-sm font-medium whitespace-nowrap">
                    × {set.reps} · {Math.round(set.fraction * 100)} %
                  </span>
                  <span className="w-28 text-right text-ink-faint max-sm:hidden">
                    {set.seconds} s + {set.restSeconds} s rest
                  </span>
                  <IconButton
                    className="ml-1"
                    tabIndex={isChosen ? 0 : -1}
                    label={isDone ? `Not done: ramp set ${i + 1}` : `Done: ramp set ${i + 1}`}
                    aria-pressed={isDone}
                    onClick={() => onEdit(tickEdit(plan, i))}
                  >
                    {isDone ? (
                      <CircleCheck aria-hidden className="size-4 text-ember" />
                    ) : (
                      <Circle aria-hidden className="size-4" />
                    )}
                  </IconButton>
                </>
              )}
            </span>
          </li>
        );
      })}
    </ol>
  );
});
