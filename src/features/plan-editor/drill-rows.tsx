"use client";

import { Pin, PinOff, Trash2 } from "lucide-react";
import { memo, useCallback } from "react";
import { PHASE_NAMES } from "@/core/catalog";
import { formatDose } from "@/core/dose";
import type { WarmUpEdit } from "@/core/draft";
import type { LiftPlan, PlanStep, Stair } from "@/core/plan";
import { formatClock } from "@/core/units";
import { heatColour } from "@/features/shared/heat";
import { IconButton } from "@/ui/button";
import { DragList, DragRow } from "@/ui/drag-list";
import { pinEdit } from "./pin-edit";
import { type Chosen, sameChoice } from "./selection";

/** A row with room for the handle by which a drill is moved. */
const ROW =
  "grid w-full grid-cols-[0.5rem_2.25rem_minmax(0,1fr)_auto_2rem] items-center gap-x-2 border-t border-line text-left group min-h-[2.3rem]";

/** The drills one under the other, in their order and by phase. */
export const DrillRows = memo(function DrillRows({
  plan,
  stair,
  chosen,
  onChoose,
  onEdit,
}: {
  plan: LiftPlan;
  stair: Stair;
  chosen: Chosen;
  onChoose: (chosen: Chosen) => void;
  onEdit: (edit: WarmUpEdit) => void;
}) {
  const drills = plan.steps.map((step, index) => ({ step, index })).filter(({ step }) => step.round === 1);
  const move = useCallback(
    (drill: string, place: number) => {
      const step = plan.steps.find((s) => s.drill.id === drill)!;
      onEdit(pinEdit(step, { place }));
    },
    [plan, onEdit],
  );
  if (plan.steps.length === 0)
    return (
      <p className="border-t border-line py-3 text-ink-soft">
        {plan.block === 0
          ? "No drills: the time goes into the ramp. Give it more minutes to have some."
          : "No drills: the lifts before it have warmed up what this one asks for."}
      </p>
    );
  return (
    <DragList onMove={move}>
      <ol>
        {drills.map(({ step, index }, i) => {
          const before = drills[i - 1]?.step;
          return (
            <DrillRow
              key={step.drill.id}
              step={step}
              index={i}
              heat={stair.treads.find((t) => t.kind === "drill" && t.index === index)?.heat ?? 0}
              opensPhase={before?.phase !== step.phase}
              opensCircuit={step.rounds > 1 && (before?.rounds ?? 1) === 1}
              isChosen={sameChoice(chosen, { kind: "drill", drill: step.drill.id })}
              onChoose={onChoose}
              onEdit={onEdit}
            />
          );
        })}
      </ol>
    </DragList>
  );
});

/** One drill with its dose, time and reason. Drawn again only if one of these has changed. */
const DrillRow = memo(DrillRowNow, (a, b) => {
  const { step: one, ...rest } = a;
  const { step: other, ...others } = b;
  return isShallowEqual(rest, others) && looksAlike(one, other);
});

function isShallowEqual<T extends object>(a: T, b: T): boolean {
  return (Object.keys(a) as (keyof T)[]).every((key) => Object.is(a[key], b[key]));
}

/** Whether two steps are drawn alike: each plan has steps of its own, most of them as before. */
function looksAlike(a: PlanStep, b: PlanStep): boolean {
  const of = ({ drill, block, phase, rounds, seconds, startsAt, reason, pinned, part, dose }: PlanStep) => [
    ...[drill, block, phase, rounds, seconds, startsAt, reason, pinned, part],
    ...[dose.sets, dose.amount, dose.kind],
  ];
  const after = of(b);
  return of(a).every((value, i) => value === after[i]);
}

function DrillRowNow({
  step,
  index,
  heat,
  opensPhase,
  opensCircuit,
  isChosen,
  onChoose,
  onEdit,
}: {
  step: PlanStep;
  /** Among the drills of the lift, from 0. */
  index: number;
  heat: number;
  opensPhase: boolean;
  opensCircuit: boolean;
  isChosen: boolean;
  onChoose: (chosen: Chosen) => void;
  onEdit: (edit: WarmUpEdit) => void;
}) {
  const { drill, part } = step;
  return (
    <DragRow
      id={drill.id}
      index={index}
      name={drill.name}
      isFixed={part !== undefined}
      className={`${ROW} ${isChosen ? "bg-field" : "hover:bg-field/60"}`}
      handleClassName="order-last"
    >
      <span aria-hidden className="h-full w-1" style={{ backgroundColor: heatColour(heat) }} />
      <span className="text-right text-ink-faint">{formatClock(step.startsAt)}</span>
      <button
        type="button"
        aria-pressed={isChosen}
        onClick={() => onChoose({ kind: "drill", drill: drill.id })}
        className="min-w-0 py-[3px] text-left leading-[1.3]"
      >
        <span className="flex items-baseline gap-2">
          <span className="w-4 shrink-0 text-right font-semibold text-ink-faint">{index + 1}</span>
          <span className="truncate font-semibold">{drill.name}</span>
          {opensPhase && <span className="condensed shrink-0 text-ink-faint">{PHASE_NAMES[step.phase]}</span>}
          {part && part !== "shared" && (
            <span className="condensed shrink-0 font-semibold text-ember">
              {part === "personal" ? "individual" : "instead"}
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
        <span className="condensed text-sm font-medium whitespace-nowrap">{formatDose(step.dose)}</span>
        <span className="w-16 text-right text-ink-faint">
          {step.rounds > 1 && `${step.rounds} × `}
          {step.seconds} s
        </span>
        {part !== "shared" && (
          <IconButton
            className="ml-1"
            label={step.pinned ? `Unpin ${drill.name}` : `Pin ${drill.name}`}
            aria-pressed={step.pinned}
            onClick={() => onEdit(step.pinned ? { kind: "reset-drill", drill: drill.id } : pinEdit(step))}
          >
            {step.pinned ? (
              <PinOff aria-hidden className="size-4 text-ember" />
            ) : (
              <Pin aria-hidden className="size-4" />
            )}
          </IconButton>
        )}
        <IconButton label={`Drop ${drill.name}`} onClick={() => onEdit({ kind: "drop", drill: drill.id })}>
          <Trash2 aria-hidden className="size-4" />
        </IconButton>
      </span>
    </DragRow>
  );
}
