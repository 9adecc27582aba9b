"use client";

import { ArrowDown, ArrowRightLeft, ArrowUp, Pin, PinOff, Trash2 } from "lucide-react";
import { memo, useMemo } from "react";
import { EQUIPMENT, kitInUse, PHASE_NAMES } from "@/core/catalog";
import { formatDose } from "@/core/dose";
import { type PlanStep, substitutesFor } from "@/core/plan";
import { formatSeconds } from "@/core/units";
import { CircuitFields } from "@/features/shared/circuit-fields";
import { DoseFields } from "@/features/shared/dose-fields";
import { DrillInstructions } from "@/features/shared/drill-instructions";
import { Button } from "@/ui/button";
import { later } from "@/ui/later";
import { editOf, listedOf } from "./listed";
import { OfferFields } from "./offer-fields";
import type { PanelProps } from "./panel-props";
import { pinEdit } from "./pin-edit";
import { SetPanel, WorkPanel } from "./ramp-panels";
import type { Chosen } from "./selection";
import { shiftStep } from "./shift-step";

const TestPanel = later(() => import("./test-panel").then((m) => m.TestPanel));

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

function DrillPanel({ step, plan, draft, gym, onChoose, onEdit }: PanelProps & { step: PlanStep }) {
  const { drill, dose } = step;
  const substitutes = useMemo(() => substitutesFor(plan, drill.id), [plan, drill.id]);
  const kit = kitInUse(drill.equipment, gym.equipment);
  return (
    <div className="space-y-4">
      <header>
        <h2 className="text-lg leading-tight font-bold tracking-tight">{drill.name}</h2>
        <p className="condensed text-ink-faint">
          {PHASE_NAMES[step.phase]} · {formatDose(dose)} · {formatSeconds(step.seconds)}
          {drill.shoesOff && " · shoes off"}
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
            onClick={() => onEdit(step.pinned ? { kind: "reset-drill", drill: drill.id } : pinEdit(step))}
          >
            {step.pinned ? <PinOff aria-hidden className="size-4" /> : <Pin aria-hidden className="size-4" />}
            {step.pinned ? "Unpin" : "Pin"}
          </Button>
        )}
        <Button onClick={() => onEdit({ kind: "drop", drill: drill.id })}>
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
      {!step.part && <OfferFields step={step} others={substitutes.map((s) => s.drill)} onEdit={onEdit} />}
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
                  onEdit({ kind: "swap", drill: drill.id, block: plan.block, with: s.drill.id });
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
