"use client";

import { Circle, CircleCheck, Pin, PinOff, Trash2 } from "lucide-react";
import type { ReactNode } from "react";
import { PHASE_NAMES } from "@/core/catalog";
import { formatDose } from "@/core/dose";
import type { WarmUpEdit } from "@/core/draft";
import type { GymKit } from "@/core/gym";
import type { LiftPlan, Stair } from "@/core/plan";
import { isBarKit } from "@/core/plates";
import { describeLoad } from "@/core/ramp";
import { formatClock, formatWeight } from "@/core/units";
import { heatColour } from "@/features/shared/heat";
import { PlateStrip } from "@/features/shared/plate-strip";
import { IconButton } from "@/ui/button";
import { DragList, DragRow } from "@/ui/drag-list";
import { tickEdit } from "./done-edit";
import { type Chosen, sameChoice } from "./selection";

const ROW =
  "grid w-full grid-cols-[0.5rem_2.25rem_minmax(0,1fr)_auto] items-center gap-x-2 border-t border-line text-left";

/** The same with room for the handle by which a drill is moved. */
const DRILL_ROW =
  "grid w-full grid-cols-[0.5rem_2.25rem_minmax(0,1fr)_auto_2rem] items-center gap-x-2 border-t border-line text-left";

/** The steps one under the other: drills by phase, then the ramp, then the working sets. */
export function StepList({
  plan,
  stair,
  gym,
  chosen,
  onChoose,
  onEdit,
  children,
}: {
  plan: LiftPlan;
  stair: Stair;
  gym: GymKit;
  chosen: Chosen;
  onChoose: (chosen: Chosen) => void;
  onEdit: (edit: WarmUpEdit) => void;
  /** What stands between the drills and the ramp. */
  children?: ReactNode;
}) {
  const ramp = plan.ramps[0];
  const drills = plan.steps.map((step, index) => ({ step, index })).filter(({ step }) => step.round === 1);
  const heatOf = (kind: string, index: number) =>
    heatColour(stair.treads.find((t) => t.kind === kind && t.index === index)?.heat ?? 0);
  const move = (drill: string, place: number) => {
    const { sets, amount } = drills.find(({ step }) => step.drill.id === drill)!.step.dose;
    onEdit({ kind: "pin", drill, block: plan.block, dose: { sets, amount }, place });
  };
  return (
    <div>
      {plan.steps.length === 0 && (
        <p className="border-t border-line py-3 text-ink-soft">
          {plan.block === 0
            ? "No drills: the time goes into the ramp. Give it more minutes to have some."
            : "No drills: what this lift asks is warm from the lifts before it."}
        </p>
      )}
      <DragList onMove={move}>
        <ol>
          {drills.map(({ step, index }, i) => {
            const isChosen = sameChoice(chosen, { kind: "drill", drill: step.drill.id });
            const newPhase = drills[i - 1]?.step.phase !== step.phase;
            const opensCircuit = step.rounds > 1 && (drills[i - 1]?.step.rounds ?? 1) === 1;
            return (
              <DragRow
                key={step.drill.id}
                id={step.drill.id}
                index={i}
                name={step.drill.name}
                isFixed={step.part !== undefined}
                className={`${DRILL_ROW} group min-h-[2.3rem] ${isChosen ? "bg-field" : "hover:bg-field/60"}`}
                handleClassName="order-last"
              >
                <span
                  aria-hidden
                  className="h-full w-1"
                  style={{ backgroundColor: heatOf("drill", index) }}
                />
                <span className="text-right text-ink-faint">{formatClock(step.startsAt)}</span>
                <button
                  type="button"
                  aria-pressed={isChosen}
                  onClick={() => onChoose({ kind: "drill", drill: step.drill.id })}
                  className="min-w-0 py-[3px] text-left leading-[1.3]"
                >
                  <span className="flex items-baseline gap-2">
                    <span className="w-4 shrink-0 text-right font-semibold text-ink-faint">{i + 1}</span>
                    <span className="truncate font-semibold">{step.drill.name}</span>
                    {newPhase && (
                      <span className="condensed shrink-0 text-ink-faint">{PHASE_NAMES[step.phase]}</span>
                    )}
                    {step.part && step.part !== "shared" && (
                      <span className="condensed shrink-0 font-semibold text-ember">
                        {step.part === "personal" ? "own" : "instead"}
                      </span>
                    )}
                    {opensCircuit && (
                      <span className="condensed shrink-0 font-semibold text-ochre-deep">
                        {step.rounds} rounds from here
                      </span>
                    )}
                  </span>
                  <span className="ml-6 block truncate text-xs text-ink-soft">{step.reason}</span>
                </button>
                <span className="flex items-center">
                  <span className="condensed text-sm font-medium whitespace-nowrap">
                    {formatDose(step.dose)}
                  </span>
                  <span className="w-16 text-right text-ink-faint">
                    {step.rounds > 1 && `${step.rounds} × `}
                    {step.seconds} s
                  </span>
                  {step.part !== "shared" && (
                    <IconButton
                      className="ml-1"
                      label={step.pinned ? `Let go of ${step.drill.name}` : `Keep ${step.drill.name}`}
                      aria-pressed={step.pinned}
                      onClick={() =>
                        onEdit(
                          step.pinned
                            ? { kind: "unpin", drill: step.drill.id }
                            : {
                                kind: "pin",
                                drill: step.drill.id,
                                block: plan.block,
                                dose: { sets: step.dose.sets, amount: step.dose.amount },
                              },
                        )
                      }
                    >
                      {step.pinned ? (
                        <PinOff aria-hidden className="size-4 text-ember" />
                      ) : (
                        <Pin aria-hidden className="size-4" />
                      )}
                    </IconButton>
                  )}
                  <IconButton
                    label={`Drop ${step.drill.name}`}
                    onClick={() => onEdit({ kind: "drop", drill: step.drill.id })}
                  >
                    <Trash2 aria-hidden className="size-4" />
                  </IconButton>
                </span>
              </DragRow>
            );
          })}
        </ol>
      </DragList>
      {children}
      {ramp && (
        <ol className="border-b border-line" aria-label="Ramp">
          {[...ramp.sets, null].map((set, i) => {
            const load = set ?? ramp.working;
            const to: Chosen = set ? { kind: "set", set: i } : { kind: "work" };
            const tread = stair.treads.find(
              (t) => t.kind === (set ? "set" : "work") && (!set || t.index === i),
            );
            const isChosen = sameChoice(chosen, to);
            return (
              <li
                key={set ? i : "work"}
                className={`${ROW} min-h-[2.9rem] ${isChosen ? "bg-field" : "hover:bg-field/60"}`}
              >
                <span
                  aria-hidden
                  className="h-full w-1"
                  style={{ backgroundColor: set ? heatOf("set", i) : heatColour(1) }}
                />
                <span className="text-right text-ink-faint">{formatClock(tread?.startsAt ?? 0)}</span>
                <button
                  type="button"
                  aria-pressed={isChosen}
                  onClick={() => onChoose(to)}
                  className="grid min-w-0 grid-cols-[6.5rem_5.5rem_minmax(0,1fr)] items-center gap-2 py-1 text-left"
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
                  <span className="truncate text-xs text-ink-soft">
                    {set
                      ? describeLoad(ramp.kit, load, gym.unit)
                      : `First working set. ${describeLoad(ramp.kit, load, gym.unit)}`}
                  </span>
                </button>
                <span className="flex items-center pr-2">
                  {set && (
                    <>
                      <span className="condensed text-sm font-medium whitespace-nowrap">
                        × {set.reps} · {Math.round(set.fraction * 100)} %
                      </span>
                      <span className="w-28 text-right text-ink-faint">
                        {set.seconds} s + {set.restSeconds} s rest
                      </span>
                      <IconButton
                        className="ml-1"
                        label={i < ramp.done ? `Not done: ramp set ${i + 1}` : `Done: ramp set ${i + 1}`}
                        aria-pressed={i < ramp.done}
                        onClick={() => onEdit(tickEdit(plan, i))}
                      >
                        {i < ramp.done ? (
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
      )}
    </div>
  );
}
