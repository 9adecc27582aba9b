import { circuitInWords } from "../drills";
import type { PlanStep } from "./types";

/** Drills of a plan that go round together, each once, in their order. */
export interface PlanCircuit<S> {
  key: string;
  by: "approach" | "pair" | "coach";
  steps: readonly S[];
  rounds: number;
  restInside: number;
  restBetween: number;
  /** What it is, in words. */
  words: string;
}

/** What of a step its circuit is told from. */
export type InCircuit = Pick<PlanStep, "circuit" | "rounds">;

/** What a drill opens, in words; null: nothing, or it goes round after others. */
export function circuitOpenedBy<S extends InCircuit>(step: S, steps: readonly S[]): string | null {
  return circuitsOf(steps).find((c) => c.steps[0] === step)?.words ?? null;
}

/** The circuits of a plan in their order. @param steps of the first rounds. */
export function circuitsOf<S extends InCircuit>(steps: readonly S[]): PlanCircuit<S>[] {
  const keys = [...new Set(steps.flatMap((s) => s.circuit?.key ?? []))];
  return keys.map((key) => {
    const own = steps.filter((s) => s.circuit?.key === key);
    const { rounds, circuit } = own[0]!;
    const { by, restInside, restBetween } = circuit!;
    const words = circuitInWords(own.length, rounds, circuit!);
    return { key, by, steps: own, rounds, restInside, restBetween, words };
  });
}
