import { isBarKit, type LoadKit, type Stack, sharedPlates, stackMoves } from "../plates";
import type { Weight } from "../units";
import { withAdditions } from "./additions";
import { SECONDS_PER_MOVE, SLOW_SETS } from "./constants";
import { restAfter } from "./rest";
import { setReps } from "./set-reps";
import { setSeconds } from "./set-seconds";
import { RAMP_STYLES } from "./styles";
import type { FixedSet, RampRequest, RampSet } from "./types";

/** A stack in plates, with what goes on and comes off after the one before it. */
export function platesOf(kit: LoadKit, before: Stack, stack: Stack) {
  if (!isBarKit(kit)) return { perSide: [], add: [], strip: [] };
  const common = sharedPlates(before, stack);
  const weigh = (plates: readonly number[]) => plates.map((k) => kit.plates[k]!.weight);
  return {
    perSide: weigh(stack),
    add: weigh(stack.slice(common)),
    strip: weigh(before.slice(common).toReversed()),
  };
}

const SLOW_NOTE = "Slow, full range";
const FAST_NOTE = "Down under control, up fast";

/**
 * Loads as sets, with repetitions, rests and notes.
 *
 * @param stacks of the sets and then of the working weight.
 */
export function describeSets(
  request: RampRequest,
  loads: { weights: readonly Weight[]; stacks: readonly Stack[] },
  fixed: Readonly<Record<number, FixedSet>>,
): RampSet[] {
  const { kit, working, lift } = request;
  const fractions = loads.weights.map((w) => w / working.weight);
  const { singlesFrom } = RAMP_STYLES[request.style];
  const reps = setReps(fractions, working.reps, lift, fixed, singlesFrom);
  const sets = loads.weights.map((weight, i): RampSet => {
    const stack = loads.stacks[i]!;
    const isLast = i === loads.weights.length - 1;
    const usualRest = restAfter(weight, isLast, request);
    const leastRest = fixed[i]?.restSeconds ?? usualRest;
    const changing = stackMoves(stack, loads.stacks[i + 1]!) * SECONDS_PER_MOVE;
    const slow = i < SLOW_SETS;
    const fast = !slow && i >= loads.weights.length - 2;
    return {
      weight,
      fraction: fractions[i]!,
      reps: reps[i]!,
      ...platesOf(kit, loads.stacks[i - 1] ?? [], stack),
      restSeconds: Math.max(leastRest, changing),
      leastRestSeconds: leastRest,
      seconds: setSeconds(reps[i]!, i),
      notes: slow ? [SLOW_NOTE] : fast ? [FAST_NOTE] : [],
    };
  });
  if (!request.additions?.length) return sets;
  const empty = isBarKit(kit) && sets[0]?.weight === kit.empty;
  return withAdditions(sets, lift, request.additions, { empty, receivesLow: request.receivesLow ?? true });
}
