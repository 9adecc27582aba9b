import type { Drill, Position } from "../catalog";
import type { Candidate } from "./candidate";
import { CHANGE_SECONDS } from "./constants";

const UPRIGHT: readonly Position[] = ["standing", "at-rack", "hanging"];

function hasSameKit(a: Drill, b: Drill): boolean {
  return b.equipment.every((need) => a.equipment.some((had) => had[0] === need[0]));
}

/** Seconds to get from one drill into the next, setting up left out. The first drill takes none. */
export function changeSeconds(previous: Drill | null, next: Drill): number {
  if (!previous) return 0;
  const fetches = !hasSameKit(previous, next);
  const upDown = UPRIGHT.includes(previous.position) !== UPRIGHT.includes(next.position);
  if (fetches || upDown) return CHANGE_SECONDS.floorOrFetch;
  return previous.position === next.position ? 0 : CHANGE_SECONDS.onTheSpot;
}

/** Seconds to set up a drill; none if the drill before has left the same kit standing. */
export function setUpSecondsAfter(previous: Drill | null, next: Drill): number {
  const standing = previous !== null && next.equipment.length > 0 && hasSameKit(previous, next);
  return standing ? 0 : next.setUpSeconds;
}

/** A drill in its place. */
export interface Placed {
  candidate: Candidate;
  /** The round of the circuit, from 1; 1 outside circuits. */
  round: number;
  /** Seconds from the start of the warm-up to the start of the drill, set-up included in the drill. */
  startsAt: number;
  /** Set-up, work and rests of this round. */
  seconds: number;
}

/** One drill of a round. */
interface OfRound {
  round: number;
  /** The rest of its circuit before it. Seconds. */
  restBefore: number;
}

/** The order as it is done: drills of a circuit that follow each other go round as often as their circuit does. */
export function roundByRound<T extends { candidate: Candidate }>(order: readonly T[]): (T & OfRound)[] {
  const done: (T & OfRound)[] = [];
  for (let from = 0; from < order.length; ) {
    const { circuit, rounds } = order[from]!.candidate;
    let to = from + 1;
    while (circuit && order[to]?.candidate.circuit?.key === circuit.key) to++;
    for (let round = 1; round <= rounds; round++) {
      order.slice(from, to).forEach((one, i) => {
        const restBefore = i > 0 ? circuit?.restInside : round > 1 ? circuit?.restBetween : 0;
        done.push({ ...one, round, restBefore: restBefore ?? 0 });
      });
    }
    from = to;
  }
  return done;
}

/**
 * Start and length of drills in their order (docs/model.md, "Time").
 *
 * @returns the placed drills, each once for every round, and the second at which the last one ends.
 */
export function timetable(order: readonly Candidate[]): { placed: Placed[]; seconds: number } {
  let clock = 0;
  let previous: Drill | null = null;
  const placed = roundByRound(order.map((candidate) => ({ candidate }))).map(
    ({ candidate, round, restBefore }) => {
      const { drill } = candidate;
      clock += Math.max(restBefore, changeSeconds(previous, drill));
      const seconds = setUpSecondsAfter(previous, drill) + candidate.workSeconds;
      const startsAt = clock;
      clock += seconds;
      previous = drill;
      return { candidate, round, startsAt, seconds };
    },
  );
  return { placed, seconds: clock };
}
