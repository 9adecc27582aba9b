import type { DemandId } from "../demands";
import type { Implement, Lift } from "./lift";
import { hasWords } from "./words";

/** What lifts are looked for by; what is empty or null does not matter. */
export interface LiftSearch {
  /** Words that all stand in the name. */
  text: string;
  /** Asked for at all. */
  demand: DemandId | null;
  implement: Implement | null;
}

/** The lifts that are meant, those that ask for the demand most first, otherwise in the order they come in. */
export function findLifts(lifts: readonly Lift[], { text, demand, implement }: LiftSearch): Lift[] {
  const asked = (lift: Lift) => (demand === null ? 0 : (lift.asks[demand] ?? 0));
  return lifts
    .filter((l) => implement === null || l.implement === implement)
    .filter((l) => demand === null || asked(l) > 0)
    .filter((l) => hasWords(l.name, text))
    .sort((a, b) => asked(b) - asked(a));
}
