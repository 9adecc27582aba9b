"use client";

import { useHotkeys } from "react-hotkeys-hook";
import { stepDose } from "@/core/dose";
import { joinMove, leaveMove, type WarmUpEdit } from "@/core/draft";
import type { LiftPlan, Stair } from "@/core/plan";
import type { Weight } from "@/core/units";
import { useUndoKeys } from "@/ui/use-undo-keys";
import { tickEdit } from "./done-edit";
import { editOf, listedOf } from "./listed";
import { pinEdit, saidDrill } from "./pin-edit";
import { type Chosen, choicesOf, sameChoice } from "./selection";
import { shiftStep } from "./shift-step";

/** The keys of the plan editor; `keys-dialog.tsx` lists them for the coach. */
export function usePlanEditorKeys({
  plan,
  stair,
  weights,
  chosen,
  onChoose,
  onEdit,
  undo,
  redo,
  onLift,
  onCompare,
}: {
  plan: LiftPlan;
  stair: Stair;
  weights: readonly Weight[];
  chosen: Chosen;
  onChoose: (chosen: Chosen) => void;
  onEdit: (edit: WarmUpEdit) => void;
  undo: () => void;
  redo: () => void;
  onLift: (at: number) => void;
  onCompare: () => void;
}) {
  const step = chosen.kind === "drill" ? plan.steps.find((s) => s.drill.id === chosen.drill) : undefined;
  // What all do together is kept, and as long as it is, for everybody.
  const ownStep = step?.part === "shared" ? undefined : step;

  const walk = (direction: 1 | -1) => {
    const choices = choicesOf(stair, plan);
    const at = choices.findIndex((c) => sameChoice(c.chosen, chosen));
    const to = choices[at + direction];
    if (!to) return;
    onChoose(to.chosen);
    // The focus follows the choice, so that it is seen and read out.
    document.querySelector<SVGElement>(`[data-tread="${to.tread.kind}-${to.tread.index}"]`)?.focus();
  };
  const lift = (direction: 1 | -1) => {
    const ramp = plan.ramps[0];
    const set = chosen.kind === "set" ? ramp?.sets[chosen.set] : undefined;
    if (!ramp || !set || chosen.kind !== "set" || chosen.set < ramp.done) return;
    const weight = weights[weights.indexOf(set.weight) + direction];
    const below = ramp.sets[chosen.set - 1]?.weight ?? 0;
    const above = ramp.sets[chosen.set + 1]?.weight ?? ramp.working.weight;
    if (weight === undefined || weight <= below || weight >= above) return;
    onEdit({ kind: "change-set", at: plan.at, set: chosen.set, sets: ramp.sets.length, change: { weight } });
  };
  const tick = () => {
    if (plan.ramps[0] && chosen.kind === "set") onEdit(tickEdit(plan, chosen.set));
  };
  const dose = (direction: 1 | -1) => {
    const next = ownStep && stepDose(ownStep.drill.dose, ownStep.dose, direction);
    if (next) onEdit({ kind: "pin", drill: ownStep.drill.id, block: plan.block, dose: next });
  };
  const drop = () => {
    if (!step) return;
    const at = plan.steps.indexOf(step);
    const neighbour = plan.steps[at + 1] ?? plan.steps[at - 1];
    onEdit({ kind: "drop", drill: saidDrill(step) });
    if (neighbour) onChoose({ kind: "drill", drill: neighbour.drill.id });
  };
  const pin = () => {
    if (!ownStep) return;
    onEdit(ownStep.pinned ? { kind: "reset-drill", drill: saidDrill(ownStep) } : pinEdit(ownStep));
  };

  const shift = (direction: 1 | -1) => {
    const edit = step && shiftStep(plan, step, direction);
    if (edit) onEdit(edit);
  };

  const goRound = () => {
    if (!step || step.part) return;
    const list = listedOf(plan);
    const next = list[list.findIndex((l) => l.drill === step.drill.id) + 1];
    if (next) onEdit(editOf(joinMove(list, step.drill.id, next.drill, "before"), plan));
  };
  const goAlone = () => {
    if (!step?.circuit || step.part) return;
    const list = listedOf(plan);
    const at = list.findIndex((l) => l.drill === step.drill.id);
    onEdit(editOf(leaveMove(list, step.drill.id, at), plan));
  };

  const options = { preventDefault: true };
  useHotkeys("g", goRound, options);
  useHotkeys("shift+g", goAlone, options);
  useHotkeys("shift+right", () => shift(1), options);
  useHotkeys("shift+left", () => shift(-1), options);
  // In the list of steps the arrows lead from one to the next.
  const ignoreEventWhen = (e: KeyboardEvent) =>
    e.target instanceof Element && e.target.hasAttribute("data-rove");
  const beside = { ...options, ignoreEventWhen };
  useHotkeys("right", () => walk(1), beside);
  useHotkeys("left", () => walk(-1), beside);
  useHotkeys("up", () => lift(1), { ...beside, enabled: chosen.kind === "set" });
  useHotkeys("down", () => lift(-1), { ...beside, enabled: chosen.kind === "set" });
  useHotkeys("1, 2, 3, 4, 5, 6", (_, { keys }) => onLift(Number(keys?.[0]) - 1), options);
  useHotkeys("t", tick, options);
  useHotkeys("c", onCompare, options);
  useHotkeys("l", () => dose(1), options);
  useHotkeys("k", () => dose(-1), options);
  useHotkeys("d", drop, options);
  useHotkeys("p", pin, options);
  useHotkeys("s", () => document.querySelector<HTMLElement>("[data-swap]")?.focus(), options);
  useHotkeys("w", () => document.getElementById("why")?.focus(), options);
  useUndoKeys({ undo, redo });
}
