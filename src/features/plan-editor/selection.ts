import type { Plan, Stair, Tread } from "@/core/plan";

/** What the coach has chosen to look at: a drill by its id, a test or a ramp set by its place, or the working sets. */
export type Chosen =
  | { kind: "drill"; drill: string }
  | { kind: "test"; test: number }
  | { kind: "set"; set: number }
  | { kind: "work" };

/** The number of a step's drill in the list: rounds of a circuit share it. */
export function drillNumber(plan: Plan, step: number): number {
  const { drill } = plan.steps[step]!;
  const firsts = plan.steps.filter((s, i) => plan.steps.findIndex((o) => o.drill === s.drill) === i);
  return firsts.findIndex((s) => s.drill === drill) + 1;
}

/** Every choice of a stair in order, each once. */
export function choicesOf(stair: Stair, plan: Plan): { chosen: Chosen; tread: Tread }[] {
  return stair.treads
    .map((tread) => ({ chosen: chosenOf(tread, plan), tread }))
    .filter((c, i, all) => all.findIndex((o) => sameChoice(o.chosen, c.chosen)) === i);
}

/** The choice that a tread of the stair stands for. */
export function chosenOf(tread: Tread, plan: Plan): Chosen {
  if (tread.kind === "drill") return { kind: "drill", drill: plan.steps[tread.index]!.drill.id };
  if (tread.kind === "test") return { kind: "test", test: plan.tests[tread.index]!.test };
  return tread.kind === "set" ? { kind: "set", set: tread.index } : { kind: "work" };
}

/** The tread of a choice, or the first one if what was chosen is no longer in the plan. */
export function treadOf(chosen: Chosen, stair: Stair, plan: Plan): Tread | undefined {
  const found = stair.treads.find((t) => sameChoice(chosenOf(t, plan), chosen));
  return found ?? stair.treads[0];
}

export function sameChoice(a: Chosen, b: Chosen): boolean {
  if (a.kind === "drill" && b.kind === "drill") return a.drill === b.drill;
  if (a.kind === "test" && b.kind === "test") return a.test === b.test;
  if (a.kind === "set" && b.kind === "set") return a.set === b.set;
  return a.kind === "work" && b.kind === "work";
}
