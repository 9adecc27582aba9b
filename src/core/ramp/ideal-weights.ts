import { ONE_SET_BELOW_TOP, ONE_SET_SHARE, systemConstants } from "./constants";
import { RAMP_STYLES, topOf } from "./styles";
import type { RampRequest } from "./types";

/**
 * Where the sets of a ramp would lie if every weight could be loaded, in the fine unit, rounded to it.
 *
 * @param sets number of ramp sets, 0 or more.
 * @param start the first ramp weight.
 */
export function idealWeights(
  request: Pick<RampRequest, "working" | "style" | "unit" | "similarDone">,
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
    const low = Math.max(start, W * ONE_SET_SHARE);
    const reaches = W - low <= systemConstants(request.unit).oneSetReach && !cutByWarmth;
    return [Math.round(reaches ? low : Math.max(start, W * (share - ONE_SET_BELOW_TOP)))];
  }
  const top = Math.max(named?.at(-1) ?? W * share, start);
  return [Math.round(start), ...stepsTo(start, top, sets - 1, jumpRatio)];
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
