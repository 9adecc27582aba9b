import type { DrillId } from "../catalog";

/** Drills that are done one after the other, round and round; two or three are a superset. */
export interface Circuit {
  /** In their order, at least two. */
  drills: readonly DrillId[];
  rounds: number;
  /** Rest after each drill of a round, and after each round but the last. Seconds. */
  restInside: number;
  restBetween: number;
}

/** Limits of what a circuit may say. */
export const CIRCUIT_LIMITS = {
  drills: [2, 12],
  rounds: [1, 6],
  rest: [0, 300],
} as const satisfies Record<string, readonly [number, number]>;

/** The most drills of a superset. */
const SUPERSET_MOST = 3;

/** What a coach calls drills that are done in turn. */
export function circuitName(drills: number): "Superset" | "Circuit" {
  return drills <= SUPERSET_MOST ? "Superset" : "Circuit";
}

/** The circuit that a drill of a plan belongs to. */
export interface CircuitPart extends Pick<Circuit, "restInside" | "restBetween"> {
  /** Who put it together: the approach has all of its phases go round, or two drills take turns; or the coach. */
  by: "approach" | "pair" | "coach";
  /** The same for all drills of one circuit of a block. */
  key: string;
  /** Those of the coach's in their order; none of others, which are ordered like all drills. */
  drills: readonly DrillId[];
}

/** The circuit in which all of an approach's phases go round. */
export const APPROACH_CIRCUIT: CircuitPart = {
  by: "approach",
  key: "approach",
  drills: [],
  restInside: 0,
  restBetween: 0,
};

/** What a coach's circuit is to its drills. */
export function partOf({ drills, restInside, restBetween }: Circuit): CircuitPart {
  return { by: "coach", key: drills.join(" "), drills, restInside, restBetween };
}

/** What a circuit is, in words. @example "Superset, 3 rounds, 15 s rest after each drill, 40 s after each round" */
export function circuitInWords(
  drills: number,
  rounds: number,
  { restInside, restBetween }: Pick<Circuit, "restInside" | "restBetween">,
): string {
  const rests = [
    ...(restInside > 0 ? [`${restInside} s rest after each drill`] : []),
    ...(restBetween > 0 ? [`${restBetween} s rest after each round`] : []),
  ];
  return [circuitName(drills), rounds === 1 ? "once" : `${rounds} rounds`, ...rests].join(", ");
}

/** Seconds of rest that a circuit gives each of its drills on average, for whoever has to choose before it is laid out. */
export function restShare({ drills, rounds, restInside, restBetween }: Circuit): number {
  const all = rounds * (drills.length - 1) * restInside + (rounds - 1) * restBetween;
  return all / drills.length;
}
