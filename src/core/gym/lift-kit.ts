import type { AthleteRecord } from "../athlete";
import type { Lift } from "../catalog";
import { barKit, bodyKit, dumbbellKit, hungOn, type LoadKit, stackKit } from "../plates";
import { convertWeight, type Weight } from "../units";
import type { GymKit } from "./gym-kit";

/**
 * What a lift is loaded from in a gym by an athlete; null where the lift has no weight, the gym has nothing for
 * it, or the athlete's body weight is not known.
 *
 * @param bar the name of another bar of the gym than the usual one.
 */
export function liftKit(
  gym: GymKit,
  lift: Pick<Lift, "implement">,
  body: Pick<AthleteRecord, "bodyWeight" | "unit" | "ownBar">,
  bar: string | null = null,
): LoadKit | null {
  switch (lift.implement) {
    case "barbell":
      return barKit(barWeightFor(gym, body, bar), gym.bar.collar, gym.plates);
    case "dumbbells":
      return gym.dumbbells.length > 0 ? dumbbellKit(gym.dumbbells) : null;
    case "machine":
      return gym.sledge === null ? null : barKit(gym.sledge, 0 as Weight, gym.plates, "machine");
    case "stack":
      return gym.stack && stackKit(gym.stack);
    case "bodyweight":
      return body.bodyWeight === null
        ? null
        : bodyKit(convertWeight(body.bodyWeight, body.unit, gym.unit), gym.help, hungOn(gym.plates));
    case "none":
      return null;
  }
}

/** The bar that is named if the gym has it, else the athlete's own, else the gym's. Fine units of the gym. */
function barWeightFor(
  gym: GymKit,
  { ownBar, unit }: Pick<AthleteRecord, "ownBar" | "unit">,
  name: string | null,
): Weight {
  const named = gym.otherBars.find((b) => b.name === name);
  if (named) return named.weight;
  return ownBar ? convertWeight(ownBar.weight, unit, gym.unit) : gym.bar.weight;
}
