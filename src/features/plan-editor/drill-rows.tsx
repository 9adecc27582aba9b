"use client";

import { Pin, PinOff, Trash2 } from "lucide-react";
import { Fragment, memo, useCallback } from "react";
import { PHASE_NAMES } from "@/core/catalog";
import { formatDose, formatDoseBriefly } from "@/core/dose";
import { rowMove, rowsOf, type WarmUpEdit } from "@/core/draft";
import type { TestStep } from "@/core/drills";
import { circuitsOf, type LiftPlan, offersInWords, type PlanStep, type Stair } from "@/core/plan";
import { formatClock } from "@/core/units";
import { CircuitHead, rowId } from "@/features/shared/circuit-head";
import { DrillFigure } from "@/features/shared/figure";
import { heatColour } from "@/features/shared/heat";
import { IconButton } from "@/ui/button";
import { DragList, DragRow } from "@/ui/drag-list";
import { editOf, listedOf } from "./listed";
import { pinEdit, saidDrill } from "./pin-edit";
import { type Chosen, sameChoice } from "./selection";
import { TestRow } from "./test-row";

/** A row with room for the handle by which a drill is moved. */
const ROW =
  "grid w-full grid-cols-[0.5rem_2.25rem_minmax(0,1fr)_2rem] items-center gap-x-2 border-t border-line text-left group min-h-[2.3rem] sm:grid-cols-[0.5rem_2.25rem_2.25rem_minmax(0,1fr)_auto_2rem]";

/** The drills one under the other, in their order and by phase. */
export const DrillRows = memo(function DrillRows({
  plan,
  stair,
  chosen,
  tests,
  onChoose,
  onEdit,
}: {
  plan: LiftPlan;
  /** As the coach has put them together. */
  tests: readonly TestStep[];
  stair: Stair;
  chosen: Chosen;
  onChoose: (chosen: Chosen) => void;
  onEdit: (edit: WarmUpEdit) => void;
}) {
  const drills = plan.steps.map((step, index) => ({ step, index })).filter(({ step }) => step.round === 1);
  const list = listedOf(plan);
  const rows = rowsOf(list);
  const circuits = circuitsOf(drills.map(({ step }) => step));
  const move = useCallback(
    (row: string, to: number) => {
      const now = listedOf(plan);
      const from = rowsOf(now).findIndex((r) => rowId(r) === row);
      const done = rowMove(now, from, to);
      if (done) onEdit(editOf(done, plan));
    },
    [plan, onEdit],
  );
  const testsAfter = (after: string | null) =>
    plan.tests
      .filter((t) => t.after === after)
      .map((test) => (
        <TestRow
          key={`test ${test.test} ${test.startsAt}`}
          test={test}
          isChosen={sameChoice(chosen, { kind: "test", test: test.test })}
          onChoose={() => onChoose({ kind: "test", test: test.test })}
          onDrop={
            tests[test.test] ? () => onEdit({ kind: "tests", tests: tests.toSpliced(test.test, 1) }) : null
          }
        />
      ));
  if (plan.steps.length === 0 && plan.tests.length === 0)
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
        {testsAfter(null)}
        {rows.map((row, place) => {
          if (row.kind === "circuit") {
            const circuit = circuits.find((c) => c.key === row.key)!;
            return (
              <CircuitHead
                key={rowId(row)}
                circuit={circuit}
                index={place}
                isFixed={circuit.steps[0]?.part !== undefined}
              />
            );
          }
          const i = drills.findIndex(({ step }) => step.drill.id === row.drill);
          const { step, index } = drills[i]!;
          return (
            <Fragment key={rowId(row)}>
              <DrillRow
                step={step}
                index={place}
                number={i + 1}
                heat={stair.treads.find((t) => t.kind === "drill" && t.index === index)?.heat ?? 0}
                opensPhase={drills[i - 1]?.step.phase !== step.phase}
                isChosen={sameChoice(chosen, { kind: "drill", drill: step.drill.id })}
                onChoose={onChoose}
                onEdit={onEdit}
              />
              {testsAfter(row.drill)}
            </Fragment>
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
  const of = ({
    drill,
    block,
    phase,
    rounds,
    seconds,
    startsAt,
    reason,
    pinned,
    part,
    dose,
    circuit,
    ...offered
  }: PlanStep) => [
    ...[drill, block, phase, rounds, seconds, startsAt, reason, pinned, part],
    ...[formatDose(dose), circuit?.key, offersInWords(offered).join()],
  ];
  const after = of(b);
  return of(a).every((value, i) => value === after[i]);
}

function DrillRowNow({
  step,
  index,
  number,
  heat,
  opensPhase,
  isChosen,
  onChoose,
  onEdit,
}: {
  step: PlanStep;
  /** Its place among the rows, from 0. */
  index: number;
  /** Among the drills of the lift, from 1. */
  number: number;
  heat: number;
  opensPhase: boolean;
  isChosen: boolean;
  onChoose: (chosen: Chosen) => void;
  onEdit: (edit: WarmUpEdit) => void;
}) {
  const { drill, part, dose } = step;
  // A format, or the sign by which it ends, needs more room than there is beside the name.
  const offers = offersInWords(step);
  // The list is one tab stop: what is chosen of it, with what can be done to that.
  const inRow = isChosen ? 0 : -1;
  const isSaidInFull = dose.format !== undefined || dose.until !== undefined;
  return (
    <DragRow
      id={drill.id}
      index={index}
      name={drill.name}
      isFixed={part !== undefined}
      className={`${ROW} ${isChosen ? "bg-field" : "hover:bg-field/60"}`}
      handleTabIndex={inRow}
      handleClassName="order-last max-sm:col-start-4 max-sm:row-start-1"
    >
      <span
        aria-hidden
        className={`row-span-2 h-full w-1 sm:row-span-1 ${step.circuit ? "justify-self-end" : ""}`}
        style={{ backgroundColor: heatColour(heat) }}
      />
      <span className="text-right text-ink-faint">{formatClock(step.startsAt)}</span>
      <DrillFigure drill={drill} className="w-9 max-sm:hidden" />
      <button
        type="button"
        aria-pressed={isChosen}
        data-rove
        tabIndex={inRow}
        onClick={() => onChoose({ kind: "drill", drill: drill.id })}
        className="min-w-0 py-[3px] text-left leading-[1.3]"
      >
        <span className="flex items-baseline gap-2">
          <span className="w-4 shrink-0 text-right font-semibold text-ink-faint">{number}</span>
          <span className="truncate font-semibold">{drill.name}</span>
          {opensPhase && <span className="condensed shrink-0 text-ink-faint">{PHASE_NAMES[step.phase]}</span>}
          {part && part !== "shared" && (
            <span className="condensed shrink-0 font-semibold text-ember">
              {part === "personal" ? "individual" : "instead"}
            </span>
          )}
        </span>
        <span className="ml-6 block text-xs text-ink-soft sm:truncate">
          {isSaidInFull && <span className="font-medium text-ink">{formatDose(step.dose)}. </span>}
          {offers.length > 0 && <span className="font-medium text-ink">{offers.join(" ")} </span>}
          {step.reason}
        </span>
      </button>
      <span className="max-sm:col-start-3 max-sm:row-start-2 max-sm:mb-1 max-sm:ml-6 flex items-center">
        <span className="condensed text-sm font-medium whitespace-nowrap">
          {formatDoseBriefly(step.dose)}
        </span>
        <span className="w-16 text-right whitespace-nowrap text-ink-faint">
          {step.rounds > 1 && `${step.rounds} × `}
          {step.seconds < 100 ? `${step.seconds} s` : formatClock(step.seconds)}
        </span>
        {part !== "shared" && (
          <IconButton
            className="ml-1"
            tabIndex={inRow}
            label={step.pinned ? `Unpin ${drill.name}` : `Pin ${drill.name}`}
            aria-pressed={step.pinned}
            onClick={() =>
              onEdit(step.pinned ? { kind: "reset-drill", drill: saidDrill(step) } : pinEdit(step))
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
          label={`Drop ${drill.name}`}
          tabIndex={inRow}
          onClick={() => onEdit({ kind: "drop", drill: saidDrill(step) })}
        >
          <Trash2 aria-hidden className="size-4" />
        </IconButton>
      </span>
    </DragRow>
  );
}
