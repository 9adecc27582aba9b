import type { Drill, DrillId, Position } from "../catalog";
import type { Candidate } from "./candidate";
import { CHANGE_SECONDS } from "./constants";
import { type KnownTest, testsAfter } from "./test-steps";

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

/** A test in its place. */
export interface PlacedTest {
  /** Its place among the tests of the warm-up. */
  test: number;
  drill: Drill;
  looksFor: string;
  /** The drill right before it; null: it comes first. */
  after: DrillId | null;
  /** Seconds from the start of the warm-up. */
  startsAt: number;
  seconds: number;
}

/** What is done, and when it ends. */
export interface Timetable {
  /** Each drill once for every round. */
  placed: Placed[];
  tests: PlacedTest[];
  /** The second at which the last of them ends. */
  seconds: number;
}

/** Start and length of drills in their order, with the tests between them (docs/model.md, "Time"). */
export function timetable(order: readonly Candidate[], tests: readonly KnownTest[] = []): Timetable {
  const timed: Timetable = { placed: [], tests: [], seconds: 0 };
  let previous: Drill | null = null;
  const rounds = roundByRound(order.map((candidate) => ({ candidate })));
  const testAfter = (after: DrillId | null, isLast: boolean) => {
    for (const { index, drill, looksFor, seconds } of testsAfter(tests, after, { isLast })) {
      const startsAt = timed.seconds + changeSeconds(previous, drill);
      timed.tests.push({ test: index, drill, looksFor, after, startsAt, seconds });
      timed.seconds = startsAt + seconds;
      previous = drill;
    }
  };
  testAfter(null, rounds.length === 0);
  rounds.forEach(({ candidate, round, restBefore }, i) => {
    const { drill } = candidate;
    const startsAt = timed.seconds + Math.max(restBefore, changeSeconds(previous, drill));
    const seconds = setUpSecondsAfter(previous, drill) + candidate.workSeconds;
    timed.placed.push({ candidate, round, startsAt, seconds });
    timed.seconds = startsAt + seconds;
    previous = drill;
    // A drill that goes round is tested after its last round.
    if (round === candidate.rounds) testAfter(drill.id, i === rounds.length - 1);
  });
  return timed;
}
