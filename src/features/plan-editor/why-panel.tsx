"use client";

import { ArrowDown, ArrowRightLeft, ArrowUp, Pin, PinOff, Trash2 } from "lucide-react";
import { memo, useMemo } from "react";
import { EQUIPMENT, kitInUse, PHASE_NAMES, roomNotes } from "@/core/catalog";
import { formatDose } from "@/core/dose";
import { type PlanStep, type PlanTest, substitutesFor } from "@/core/plan";
import { formatSeconds } from "@/core/units";
import { CircuitFields } from "@/features/shared/circuit-fields";
import { DoseFields } from "@/features/shared/dose-fields";
import { DrillInstructions } from "@/features/shared/drill-instructions";
import { DrillFigure } from "@/features/shared/figure";
import { Button } from "@/ui/button";
import { later } from "@/ui/later";
import { editOf, listedOf } from "./listed";
import type { PanelProps } from "./panel-props";
import { pinEdit, saidDrill } from "./pin-edit";
import { SetPanel, WorkPanel } from "./ramp-panels";
import type { Chosen } from "./selection";
import { shiftStep } from "./shift-step";

const TestFields = later(() => import("@/features/shared/test-fields").then((m) => m.TestFields));
const OfferFields = later(() => import("@/features/shared/offer-fields").then((m) => m.OfferFields));

/** Why what is chosen is in the plan, how it is done, how much of it, and what else would do. */
export const WhyPanel = memo(function WhyPanel({ chosen, ...props }: PanelProps & { chosen: Chosen }) {
  const { plan } = props;
  const step = chosen.kind === "drill" && plan.steps.find((s) => s.drill.id === chosen.drill);
  if (step) return <DrillPanel step={step} {...props} />;
  const test = chosen.kind === "test" && plan.tests.find((t) => t.test === chosen.test);
  if (test) return <TestPanel test={test} {...props} />;
  const set = chosen.kind === "set" && plan.ramps[0]?.sets[chosen.set];
  if (set && chosen.kind === "set") return <SetPanel set={set} index={chosen.set} {...props} />;
  if (plan.ramps[0]) return <WorkPanel {...props} />;
  return <p className="text-ink-soft">Choose a step to see why it is there.</p>;
});

/** A test, to be changed where it is this athlete's; what all do is changed for all. */
function TestPanel({ test, plan, draft, onEdit }: PanelProps & { test: PlanTest }) {
  const step = draft.tests[test.test];
  if (!step) {
    return (
      <div className="space-y-4">
        <h2 className="text-lg leading-tight font-bold tracking-tight">{test.drill.name}</h2>
        <p className="text-ink-soft">A test that everybody does. It is changed for all in the session.</p>
        <DrillInstructions drill={test.drill} />
      </div>
    );
  }
  const drills = plan.steps.filter((s) => s.round === s.rounds).map((s) => s.drill);
  return (
    <TestFields
      drill={test.drill}
      test={step}
      drills={drills}
      onChange={(to) => onEdit({ kind: "tests", tests: draft.tests.with(test.test, to) })}
      onDrop={() => onEdit({ kind: "tests", tests: draft.tests.toSpliced(test.test, 1) })}
    />
  );
}

/** What has put a drill in another's place, and the way back. */
function InsteadOf({ step, draft, onEdit, onReached }: PanelProps & { step: PlanStep }) {
  if (!step.insteadOf) return null;
  const { drill, why, reached } = step.insteadOf;
  const isOwn = draft.own.some((o) => o.drill === drill.id);
  return (
    <section className="space-y-2">
      <h3 className="section-title">In place of {drill.name}</h3>
      <p className="text-xs text-ink-soft">It counts {reached ? `since ${why}` : why}.</p>
      <div className="flex flex-wrap gap-2">
        {reached && <Button onClick={() => onReached(drill.id, reached, false)}>Not reached yet</Button>}
        {isOwn && (
          <Button
            onClick={() => onEdit({ kind: "pin", drill: drill.id, block: step.block, condition: undefined })}
          >
            {drill.name} all the same
          </Button>
        )}
      </div>
    </section>
  );
}

function DrillPanel({ step, ...props }: PanelProps & { step: PlanStep }) {
  const { plan, draft, gym, onChoose, onEdit, onReached } = props;
  const { drill, dose } = step;
  const substitutes = useMemo(() => substitutesFor(plan, drill.id), [plan, drill.id]);
  const kit = kitInUse(drill.equipment, gym.equipment);
  return (
    <div className="space-y-4">
      <DrillFigure drill={drill} moves="always" className="float-right -mt-2 mb-1 ml-3 w-28" />
      <header>
        <h2 className="text-lg leading-tight font-bold tracking-tight">{drill.name}</h2>
        <p className="condensed text-ink-faint">
          {PHASE_NAMES[step.phase]} · {formatDose(dose)} · {formatSeconds(step.seconds)}
          {roomNotes(drill, gym.clearFloor).map((note) => ` · ${note}`)}
          {kit.length > 0 && ` · ${kit.map((k) => EQUIPMENT[k].toLowerCase()).join(", ")}`}
        </p>
      </header>
      <div className="space-y-1">
        <p className="text-sm leading-snug font-medium">{step.reason}</p>
        <p className="text-xs leading-snug text-ink-soft">{step.doseReason}</p>
      </div>
      {step.part === "shared" ? (
        <p className="text-ink-soft">Everybody does it together, so its dose is the same for all.</p>
      ) : (
        <DoseFields
          // What was wrong with one drill's is not said of another's.
          key={drill.id}
          range={drill.dose}
          dose={dose}
          rounds={step.rounds}
          mostSeconds={draft.minutes * 60}
          onDose={(next) => onEdit({ kind: "pin", drill: drill.id, block: plan.block, dose: next })}
        />
      )}
      <div className="flex flex-wrap gap-2">
        {step.part !== "shared" && (
          <Button
            onClick={() =>
              onEdit(step.pinned ? { kind: "reset-drill", drill: saidDrill(step) } : pinEdit(step))
            }
          >
            {step.pinned ? <PinOff aria-hidden className="size-4" /> : <Pin aria-hidden className="size-4" />}
            {step.pinned ? "Unpin" : "Pin"}
          </Button>
        )}
        <Button onClick={() => onEdit({ kind: "drop", drill: saidDrill(step) })}>
          <Trash2 aria-hidden className="size-4" />
          Drop
        </Button>
        {!step.part &&
          ([-1, 1] as const).map((direction) => {
            const edit = shiftStep(plan, step, direction);
            const Arrow = direction < 0 ? ArrowUp : ArrowDown;
            return (
              <Button key={direction} disabled={!edit} onClick={() => edit && onEdit(edit)}>
                <Arrow aria-hidden className="size-4" />
                {direction < 0 ? "Earlier" : "Later"}
              </Button>
            );
          })}
      </div>
      {!step.part && (
        <CircuitFields
          drill={drill.id}
          list={listedOf(plan)}
          nameOf={(id) => plan.steps.find((s) => s.drill.id === id)!.drill.name}
          onMove={(move) => onEdit(editOf(move, plan))}
        />
      )}
      <InsteadOf step={step} {...props} />
      {!step.part && !step.insteadOf && (
        <OfferFields
          name={drill.name}
          anyOf={step.anyOf}
          condition={draft.own.find((o) => o.drill === drill.id)?.condition}
          others={[
            ...new Set([
              ...(step.condition ? [step.condition.next] : []),
              ...substitutes.map((s) => s.drill),
            ]),
          ]}
          onSay={(said) => onEdit(pinEdit(step, said))}
          onTake={(other) => onEdit({ kind: "swap", drill: drill.id, block: step.block, with: other })}
          onReached={step.condition ? () => onReached(drill.id, step.condition!.reached, true) : undefined}
        />
      )}
      {step.part && step.condition && (
        <section className="space-y-2">
          <h3 className="section-title">Once something is reached</h3>
          <p className="text-xs text-ink-soft">
            {step.condition.reached}: then {step.condition.next.name}.
          </p>
          <Button onClick={() => onReached(drill.id, step.condition!.reached, true)}>Reached</Button>
        </section>
      )}
      <DrillInstructions drill={drill} />
      <section>
        <h3 className="section-title mb-1">Alternatives</h3>
        {substitutes.length === 0 && (
          <p className="text-ink-soft">No alternative for this athlete in this gym.</p>
        )}
        <ul>
          {substitutes.map((s) => (
            <li key={s.drill.id} className="flex items-center gap-2 border-t border-line py-1">
              <span className="min-w-0 flex-1">
                <span className="block truncate font-medium">{s.drill.name}</span>
                <span className="condensed block truncate text-ink-faint">
                  {s.relation !== "alternative" && `${s.relation === "easier" ? "Easier" : "Harder"} · `}
                  {formatSeconds(s.seconds)}
                  {` · ${s.lost}`}
                </span>
              </span>
              <Button
                look="bare"
                data-swap
                aria-label={`Swap for ${s.drill.name}`}
                onClick={() => {
                  onEdit({ kind: "swap", drill: saidDrill(step), block: plan.block, with: s.drill.id });
                  onChoose({ kind: "drill", drill: s.drill.id });
                }}
              >
                <ArrowRightLeft aria-hidden className="size-4" />
                Swap
              </Button>
            </li>
          ))}
        </ul>
      </section>
    </div>
  );
}
