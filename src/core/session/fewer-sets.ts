import type { WarmUpDraft } from "../draft";
import type { GroupPlan } from "../group";

/** A ramp of fewer sets than this is not made shorter for the sake of the others. */
const LEAST_SETS = 4;

/** How many sets the first ramp of each would have with one fewer, of those that have enough; by member. */
export function oneSetFewer(plan: GroupPlan): ReadonlyMap<string, number> {
  return new Map(
    plan.members.flatMap(({ id, ramps }): [string, number][] => {
      const sets = ramps[0]?.sets.length ?? 0;
      return sets >= LEAST_SETS ? [[id, sets - 1]] : [];
    }),
  );
}

/** A draft whose first ramp has so many sets, in steps of its own. */
export function withRampSets(draft: WarmUpDraft, rampSets: number): WarmUpDraft {
  const [first, ...others] = draft.lifts;
  return first ? { ...draft, lifts: [{ ...first, rampSets, fixed: {} }, ...others] } : draft;
}
