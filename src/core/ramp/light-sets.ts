import type { ChosenLoads } from "./choose-loads";
import { GREAT_STEP, LIGHT_GAP, LIGHT_SHARE } from "./constants";
import type { RampLimits } from "./limits";

/** Light sets that a ramp has more, for an area or a cold room. */
export interface LightSets {
  /** Where all sets would lie but those that are the first one again, if every weight could be loaded. */
  idealsOf: (sets: number) => number[];
  /** How often the first set is done again. */
  again: number;
}

/**
 * The light sets of a ramp: one is a step where there is room for one; of two or more the first set done again is one.
 *
 * @param plain how many sets the ramp has without them, and where these would lie.
 * @param more how many they are.
 * @param first whether the empty bar goes before it, or the coach has set the second by hand: then it is not done again.
 */
export function lightSets(
  plain: { sets: number; idealsOf: (sets: number) => number[] },
  more: number,
  limits: RampLimits,
  first: { isEmptyFirst: boolean; hasOwnSecond: boolean },
): LightSets {
  const W = limits.working;
  if (more === 0 || plain.sets === 0) return { idealsOf: plain.idealsOf, again: 0 };
  const least = Math.max(LIGHT_GAP.share * W, LIGHT_GAP.times * limits.gap);
  const gap = first.hasOwnSecond ? limits.close : least;
  const usual = plain.idealsOf(plain.sets);
  const idealsOf = (sets: number) =>
    sets <= plain.sets ? plain.idealsOf(sets) : withLightSets(usual, sets - plain.sets, W, gap);
  const hasRoom = idealsOf(plain.sets + 1).length > plain.sets;
  const mayBeAgain = isLight(usual[0]!, W) && !first.isEmptyFirst && !first.hasOwnSecond;
  return { idealsOf, again: mayBeAgain && (more > 1 || !hasRoom) ? 1 : 0 };
}

/** Loads with the first done again before them, where it is light. */
export function withFirstAgain(loads: ChosenLoads, again: number, W: number): ChosenLoads {
  const [weight, stack] = [loads.weights[0], loads.stacks[0]];
  if (again === 0 || weight === undefined || stack === undefined || !isLight(weight, W)) return loads;
  return { ...loads, weights: [weight, ...loads.weights], stacks: [stack, ...loads.stacks] };
}

function isLight(weight: number, W: number): boolean {
  return weight < LIGHT_SHARE * W;
}

/**
 * Weights of a ramp with light sets more between them. These part the largest steps that there are below 60 % of the working weight
 * into equal ones, or those of over a third of it that begin there, for as long as all parts are steps. The top of the ramp
 * stays as it is.
 *
 * @param gap the least difference that a light set makes, in the fine unit.
 */
export function withLightSets(weights: readonly number[], more: number, W: number, gap: number): number[] {
  const steps = weights.map((from, i) => {
    const next = weights[i + 1] ?? W;
    // A step of which only the foot is light is parted itself: the smallest plate before a great jump helps nobody.
    const isGreat = from < LIGHT_SHARE * W && next - from > GREAT_STEP * W;
    return { from, width: (isGreat ? next : Math.min(next, LIGHT_SHARE * W)) - from, parts: 1 };
  });
  for (let i = 0; i < more; i++) {
    let widest: (typeof steps)[number] | null = null;
    for (const step of steps) {
      const part = step.width / (step.parts + 1);
      if (part >= gap && (widest === null || part > widest.width / (widest.parts + 1))) widest = step;
    }
    if (widest === null) break;
    widest.parts += 1;
  }
  return steps.flatMap(({ from, width, parts }) =>
    Array.from({ length: parts }, (_, i) => Math.round(from + (width * i) / parts)),
  );
}
