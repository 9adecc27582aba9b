import {
  HEAVY,
  LARGE_JUMP_SHARE,
  LIGHT_SHARE,
  lastJumpLimit,
  mostRampReps,
  rampLimits,
  restAfter,
  setSeconds,
  systemConstants,
} from "../ramp";
import { formatWeightWithUnit, type Weight } from "../units";
import { loadableOf, type ReviewContext, writtenSet } from "./context";
import type { FindingCode, Found, WrittenSet, WrittenWarmUp } from "./types";

/** Seconds of a written ramp up to the first working set, rests in, as far as they are written. */
export function rampSeconds(written: WrittenWarmUp, lift: number): number {
  return (written.ramps[lift] ?? []).reduce(
    (sum, set, i) => sum + setSeconds(set.reps, i) + set.restSeconds,
    0,
  );
}

/** A rest may be shorter than the rule by this: stopwatches are not read closer. Seconds. */
const REST_SLACK = 5;
/** From this share of the working weight on a set is heavy enough to need its rest. */
const NEEDS_REST_FROM = 0.8;

/**
 * What speaks against the ramps as written. What the best ramp that these plates allow cannot do either is
 * left to that ramp's own findings.
 */
export function rampFindings(context: ReviewContext, written: WrittenWarmUp): Found[] {
  return context.request.lifts.flatMap((_, lift) => {
    const sets = written.ramps[lift];
    const loadable = loadableOf(context, lift);
    if (!sets || !loadable) return [];
    const ours = context.ramps[lift]?.sets.map(writtenSet) ?? [];
    const unavoidable = liftFindings(context, lift, ours, loadable).map((f) => f.code);
    return liftFindings(context, lift, sets, loadable).filter((f) => !unavoidable.includes(f.code));
  });
}

function liftFindings(
  { request }: ReviewContext,
  lift: number,
  sets: readonly WrittenSet[],
  loadable: readonly Weight[],
): Found[] {
  const { working, kit, lightUnder } = request.lifts[lift]!;
  const W = working!.weight;
  const say = (w: number) => formatWeightWithUnit(w as Weight, request.unit);
  const found: Found[] = [];
  const on = (code: FindingCode, set: number, message: string) =>
    found.push({
      code,
      message,
      place: { kind: "set", lift, set },
      subject: `${lift} ${sets[set]?.weight ?? ""}`,
    });

  sets.forEach((set, i) => {
    if (!loadable.includes(set.weight)) {
      on("weight-not-loadable", i, `${say(set.weight)} cannot be loaded with the plates here.`);
    }
    const next = sets[i + 1]?.weight ?? W;
    const isAgain = set.weight === next && set.weight < LIGHT_SHARE * W;
    if (set.weight >= next && !isAgain) {
      const what = i + 1 < sets.length ? say(next) : "the working weight";
      on("weights-not-rising", i, `${say(set.weight)} is not below ${what}, which comes after it.`);
    }
    const fraction = set.weight / W;
    const wanted = restAfter(set.weight, i === sets.length - 1, { working: working!, lightUnder });
    if (fraction >= NEEDS_REST_FROM && set.restSeconds < wanted - REST_SLACK) {
      on(
        "heavy-without-rest",
        i,
        `After ${say(set.weight)}, ${Math.round(100 * fraction)} % of the working weight, ${set.restSeconds} s are too short a rest; ${wanted} s are usual.`,
      );
    }
  });

  const { firstJump } = systemConstants(request.unit);
  const limits = rampLimits({ kit: kit!, unit: request.unit }, W, loadable[0] ?? W);
  const jumps = sets.map((set, i) => (sets[i + 1]?.weight ?? W) - set.weight);
  const last = jumps.length - 1;
  const weights = new Set(sets.map((s) => s.weight)).size;
  const most = lastJumpLimit({ working: working!, unit: request.unit }, weights, limits.gap);
  jumps.forEach((jump, i) => {
    const tooLarge = i === last ? jump > most : jump > Math.max(W * LARGE_JUMP_SHARE, firstJump);
    if (!tooLarge) return;
    const to = i === last ? "the working weight" : say(sets[i + 1]!.weight);
    on(
      "jump-too-large",
      i,
      `From ${say(sets[i]!.weight)} to ${to} the jump is ${Math.round((100 * jump) / W)} % of the working weight, which is too much at once.`,
    );
  });

  const { total, heavy } = mostRampReps(working!.reps);
  const reps = sets.reduce((sum, s) => sum + s.reps, 0);
  const heavyReps = sets.reduce((sum, s) => sum + (s.weight / W >= HEAVY ? s.reps : 0), 0);
  if (reps > total || heavyReps > heavy) {
    const what = reps > total ? `${reps} repetitions` : `${heavyReps} repetitions at 85 % and more`;
    const at = sets.findIndex((s) => s.reps === Math.max(...sets.map((o) => o.reps)));
    found.push({
      code: "ramp-tiring",
      message: `${what} on the way up will cost working sets.`,
      place: { kind: "set", lift, set: at },
      subject: String(lift),
    });
  }
  return found;
}
