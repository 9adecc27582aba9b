import { GREAT_STEP, LIGHT_SHARE, ONE_SET_BELOW_TOP, ONE_SET_SHARE, systemConstants } from "./constants";
import { RAMP_STYLES, topOf } from "./styles";
import type { RampRequest } from "./types";

/**
 * Where the sets of a ramp would lie if every weight could be loaded, in the fine unit, rounded to it.
 *
 * @param sets number of ramp sets, 0 or more.
 * @param start the first ramp weight.
 */
export function idealWeights(
  request: Pick<RampRequest, "working" | "style" | "unit" | "similarDone" | "experience">,
  sets: number,
  start: number,
  cutByWarmth: boolean,
): number[] {
  const W = request.working.weight;
  const share = topOf(request.style, request.working.reps);
  if (sets === 0) return [];
  const { jumpRatio, shares } = RAMP_STYLES[request.style];
  const named = shares?.(request.working.reps, request.similarDone).map((s) => Math.max(start, W * s));
  if (named?.length === sets) return named.map(Math.round);
  if (sets === 1) {
    // A beginner's first set is with the lightest there is.
    const low = request.experience === "beginner" ? start : Math.max(start, W * ONE_SET_SHARE);
    const reaches = W - low <= systemConstants(request.unit).oneSetReach && !cutByWarmth;
    return [Math.round(reaches ? low : Math.max(start, W * (share - ONE_SET_BELOW_TOP)))];
  }
  const top = Math.max(named?.at(-1) ?? W * share, start);
  return [Math.round(start), ...stepsTo(start, top, sets - 1, jumpRatio)];
}

/**
 * The same with light sets more between them: each halves the largest step that there is below 60 % of the working
 * weight, or one of over a third of it that begins there, for as long as both halves are steps. The top of the ramp stays
 * as it is.
 *
 * @param gap the least difference between neighbours, in the fine unit.
 */
export function withLightSets(weights: readonly number[], more: number, W: number, gap: number): number[] {
  const all = [...weights];
  for (let i = 0; i < more; i++) {
    let at = -1;
    let widest = 2 * gap;
    all.forEach((w, j) => {
      const next = all[j + 1] ?? W;
      // A step of which only the foot is light is halved itself: the smallest plate before a great jump helps nobody.
      const isGreat = w < LIGHT_SHARE * W && next - w > GREAT_STEP * W;
      const to = isGreat ? next : Math.min(next, LIGHT_SHARE * W);
      if (to - w >= widest) {
        at = j;
        widest = to - w;
      }
    });
    if (at < 0) break;
    all.splice(at + 1, 0, Math.round(all[at]! + widest / 2));
  }
  return all;
}

/**
 * Weights that climb from one, which is not among them, to another, in the fine unit and rounded to it.
 *
 * @param ratio each step as a share of the one before.
 */
export function stepsTo(from: number, top: number, steps: number, ratio: number): number[] {
  let parts = 0;
  for (let i = 0; i < steps; i++) parts += ratio ** i;
  let at = from;
  return Array.from({ length: steps }, (_, i) => {
    at += ((top - from) * ratio ** i) / parts;
    return Math.round(at);
  });
}
