import type { Lift } from "../catalog";
import type { LoadKit } from "../plates";
import type { Weight } from "../units";

const LOWER_BODY = ["squat", "hinge", "lunge", "olympic-pull", "dip-drive", "jump-land"];

/** The half of the body that a lift is for. */
export function regionOf(lift: Pick<Lift, "pattern">): "upper" | "lower" {
  return lift.pattern && LOWER_BODY.includes(lift.pattern) ? "lower" : "upper";
}

/** What is light for an athlete, as a share of body weight. */
const LIGHT_SHARE = { upper: 1 / 3, lower: 1 / 2 };

/**
 * The weight under which a set is light for an athlete whatever its share of the working weight (*source: coaches'
 * practice*): half of body weight, a third for the upper body; of dumbbells and kettlebells half of that in each hand.
 *
 * @param bodyWeight in the fine unit of the session; null: not known.
 * @returns undefined where it is not known, or where the weight of the implement says little about the work: a machine, a
 *   stack, one's own body.
 */
export function lightUnder(
  lift: Pick<Lift, "pattern">,
  kit: LoadKit | null,
  bodyWeight: Weight | null,
): Weight | undefined {
  if (bodyWeight === null || !kit) return undefined;
  const hands = { barbell: 1, dumbbells: 2, kettlebells: 2, machine: 0, stack: 0, bodyweight: 0 }[kit.kind];
  if (hands === 0) return undefined;
  return Math.round((bodyWeight * LIGHT_SHARE[regionOf(lift)]) / hands) as Weight;
}
