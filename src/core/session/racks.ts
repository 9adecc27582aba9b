import { type Catalog, liftById } from "../catalog";
import type { GroupPlan } from "../group";
import type { GymKit } from "../gym";
import { isBarKit } from "../plates";
import { type Lifter, lifterOf, placeOf, SECONDS_PER_MOVE } from "../rack";
import type { RackSetup } from "./session";

/** How many share a bar where the coach has not said how many racks there are. */
const USUAL_ON_A_BAR = 3;

/** What a session's bars are ordered from. */
export interface RackRequest {
  lifters: readonly Lifter[];
  /** Who they are, in the same order. */
  ids: readonly string[];
  racks: number;
  secondsPerMove: number;
}

/**
 * The ramps of a session's people on bars and the racks for them: as many as the coach has said, else enough for
 * three on each, as far as the gym has them. Null where there are not two who could share a bar.
 */
export function rackRequestFor(
  plan: GroupPlan,
  { count, loaders }: Pick<RackSetup, "count" | "loaders">,
  gym: GymKit,
  catalog: Catalog,
): RackRequest | null {
  const onBars = plan.members.flatMap(({ id, name, ramps, drillSeconds }) => {
    const [ramp] = ramps;
    const lift = ramp && liftById(catalog, ramp.lift);
    const isOnBar = ramp && lift && isBarKit(ramp.kit) && ramp.sets.length > 0;
    return isOnBar ? [{ id, lifter: lifterOf(name, placeOf(lift), ramp, drillSeconds) }] : [];
  });
  if (onBars.length < 2) return null;
  const lifters = onBars.map((b) => b.lifter);
  const usual = Math.min(
    gym.counts?.rack ?? Number.POSITIVE_INFINITY,
    Math.ceil(lifters.length / USUAL_ON_A_BAR),
  );
  return {
    lifters,
    ids: onBars.map((b) => b.id),
    racks: Math.max(1, count ?? usual),
    secondsPerMove: SECONDS_PER_MOVE[loaders],
  };
}
