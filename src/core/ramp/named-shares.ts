import { SHORT_BRIDGE_WARM_AT, systemConstants } from "./constants";
import type { RampLimits } from "./limits";
import { RAMP_STYLES } from "./styles";
import type { RampRequest } from "./types";

/** A bridge that begins at this share of the working weight or more begins late. */
const LATE_START = 0.5;
/** Steps that are no further apart than this share of the working weight are one. */
const CLOSE_SHARE = 0.08;
/** No step of a beginner's bridge is larger than this share of the working weight. */
const BEGINNER_STEP_SHARE = 0.3;
/** A lighter set before a bridge that begins late, as a share of the working weight. */
const LIGHTER_SHARE = 0.3;

/**
 * The shares of the working weight that the style of a ramp names itself, lightest first; null: it names none. Where nothing has warmed the
 * athlete yet, a beginner and an Olympic lift begin with the lightest load there is; neither a great weight nor a weight on an area
 * that is slow to warm is begun half-way up: a lighter set comes before.
 *
 * @param usual how many sets the weight has in styles that name none.
 */
export function namedShares(
  request: Pick<
    RampRequest,
    "working" | "style" | "unit" | "similarDone" | "experience" | "slowToWarm" | "lift"
  >,
  limits: RampLimits,
  usual: number,
): readonly number[] | null {
  const { working, similarDone, experience, slowToWarm, lift, unit } = request;
  const W = working.weight;
  const lightest = limits.lightest / W;
  const asStyle = RAMP_STYLES[request.style].shares?.(working.reps, similarDone, usual);
  if (!asStyle) return null;
  // Steps that lie under the lightest load, or right over it, come to that load.
  const over = asStyle.filter((share) => share >= lightest + CLOSE_SHARE);
  const named = over.length < asStyle.length && over.length > 0 ? [lightest, ...over] : asStyle;
  const [first, top] = [named[0]!, named.at(-1)!];
  const isLate = first >= LATE_START && similarDone < SHORT_BRIDGE_WARM_AT;
  if (!isLate || (first - lightest) * W < limits.gap) return named;
  if (lift.olympic) return [lightest, ...named];
  if (experience === "beginner") {
    const steps = Math.max(named.length - 1, Math.ceil((top - lightest) / BEGINNER_STEP_SHARE));
    return [...Array.from({ length: steps }, (_, i) => lightest + (i * (top - lightest)) / steps), top];
  }
  const isFar = first * W - limits.lightest > systemConstants(unit).farFromLightest;
  return isFar || slowToWarm !== 0 ? [Math.max(lightest, LIGHTER_SHARE), ...named] : named;
}
