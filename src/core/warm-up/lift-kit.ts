import type { Lift } from "../catalog";
import { barKit, bodyKit, dumbbellKit, hungOn, type LoadKit, stackKit } from "../plates";
import { convertWeight, type Weight } from "../units";
import type { AthleteRecord, GymKit } from "./plan-request";

/**
 * What a lift is loaded from in a gym by an athlete; null where the lift has no weight, the gym has nothing for
 * it, or the athlete's body weight is not known.
 */
export function liftKit(
  gym: GymKit,
  lift: Pick<Lift, "implement">,
  body: Pick<AthleteRecord, "bodyWeight" | "unit">,
): LoadKit | null {
  switch (lift.implement) {
    case "barbell":
      return barKit(gym.bar.weight, gym.bar.collar, gym.plates);
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
