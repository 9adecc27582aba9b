import { isBarKit } from "../plates";
import { isPoorEstimate } from "../strength";
import { formatSeconds, formatWeightWithUnit, type Weight } from "../units";
import { whatLoads } from "./base-and-start";
import { lightestOnFloor } from "./check-working-weight";
import { repsBand } from "./constants";
import { lastJumpLimit, type RampLimits } from "./limits";
import { mostRampReps } from "./set-reps";
import type { RampFinding, RampRequest } from "./types";

/** What a finished ramp should tell the coach: every rule it could not keep, and what to watch. */
export function rampFindings(
  request: RampRequest,
  ramp: {
    limits: RampLimits;
    wanted: number;
    weights: readonly Weight[];
    reps: readonly number[];
    fromFloor: boolean;
    fixedReleased: boolean;
    /** Whether light sets were put between the others, after which jumps may grow. */
    hasLightSets?: boolean;
    /** Whether everything that can be loaded has been compared; absent: it has. */
    isExact?: boolean;
  },
): RampFinding[] {
  const { unit, working, lift } = request;
  const { limits, weights, reps } = ramp;
  const W = working.weight;
  const loads = whatLoads(request);
  const say = (w: number) => formatWeightWithUnit(w as Weight, unit);
  const found: RampFinding[] = [];

  if (weights.length === 0 && ramp.wanted === 0) {
    found.push({
      code: "no-ramp-needed",
      message: `${say(W)} is close to the lightest load there is. First do the movement without weight${loads === "plates" ? ", or with a lighter bar or a stick" : ", or lighter"}.`,
    });
  }
  if (lift.fromFloor && !ramp.fromFloor) {
    found.push({ code: "from-blocks", message: fromBlocks(request, say) });
  }
  if (ramp.fixedReleased) {
    found.push({
      code: "own-weight-released",
      message: "A weight set by hand no longer fits below the working weight, so the ramp was recalculated.",
    });
  }
  if (ramp.isExact === false) {
    found.push({
      code: "too-many-loads",
      message: `So much can be loaded from the ${loads} here that not all of it was compared: another ramp may need fewer plates moved.`,
    });
  }
  if (weights.length < ramp.wanted) {
    found.push({
      code: "fewer-sets",
      message: `The ${loads} here leave room for ${weights.length} of ${ramp.wanted} ramp sets.`,
    });
  }
  const jumps = weights.map((w, i) => (weights[i + 1] ?? W) - w);
  jumps.slice(0, -1).forEach((jump, i) => {
    const before = jumps[i - 1] ?? 0;
    if (before > 0 && !ramp.hasLightSets && jump > before + limits.everydayStep) {
      found.push({
        code: "jump-grows",
        message: `The jump to ${say(weights[i + 1]!)} is larger than the one before it; these ${loads} do not allow a closer step.`,
      });
    }
  });
  jumps.forEach((jump, i) => {
    // A set that is done again is no step.
    if (jump > 0 && jump < limits.close) {
      found.push({
        code: "sets-close",
        message: `${say(weights[i]!)} and ${say(weights[i + 1] ?? W)} lie closer than a step is worth.`,
      });
    }
  });
  const lastJump = jumps.at(-1);
  const steps = new Set(weights).size;
  const limit = lastJumpLimit(request, steps, limits.gap);
  const wanted = repsBand(working.reps).lastJump * W;
  if (lastJump !== undefined && lastJump <= limits.step && steps > 1 && lastJump > wanted) {
    found.push({
      code: "coarse-plates",
      message: `The smallest step these ${loads} make is ${say(limits.step)}, so the last jump is ${Math.round((100 * lastJump) / W)} % of the working weight.${loads === "plates" ? " Smaller plates would help." : ""}`,
    });
  }
  if (lastJump !== undefined && lastJump > limit) {
    found.push({
      code: "last-jump",
      message: `The last jump is ${say(lastJump)}, ${Math.round((100 * lastJump) / W)} % of the working weight: more than is wanted for sets of ${working.reps}.`,
    });
  }
  if (reps.reduce((sum, r) => sum + r, 0) > mostRampReps(working.reps).total) {
    found.push({ code: "ramp-tiring", message: "So many repetitions on the way up will cost working sets." });
  }
  if (isPoorEstimate(working.reps + working.rir)) {
    found.push({
      code: "poor-estimate",
      message: `An estimate of the one-rep maximum from ${working.reps + working.rir} reps is poor.`,
    });
  }
  return found;
}

/** Where the bar goes for the sets in which it does not stand at full height. */
function fromBlocks(
  { kit, working, lift }: Pick<RampRequest, "kit" | "working" | "lift">,
  say: (weight: Weight) => string,
): string {
  const where = lift.olympic
    ? "from the hang, or with the bar on blocks"
    : "with the bar on blocks or in the rack";
  const lightest = isBarKit(kit) ? lightestOnFloor(kit) : null;
  if (lightest === null) return `No plate here is of full diameter. Lift ${where}.`;
  if (lightest > working.weight) {
    return `With these plates the bar stands at full height from ${say(lightest)}. Lift ${where}.`;
  }
  const share = Math.round((100 * lightest) / working.weight);
  return `The bar stands at full height from ${say(lightest)}, ${share} % of the working weight. Do the sets below that ${where}.`;
}

/** How a ramp stands of which some has been done. */
interface AdjustedFacts {
  /** The heaviest set done; 0 before the first. */
  reached: Weight;
  /** Nothing is left between what has been reached and the working weight. */
  isLastJump: boolean;
  /** The greatest jump to the working weight that is usual. */
  lastJumpLimit: number;
  setsGivenUp: number;
  /** What it takes to the first working set where that is more than there is. Seconds. */
  takesTooLong: number | null;
}

/** What a coach should know about a ramp that was planned anew from what has been done. */
export function adjustmentFindings(request: RampRequest, facts: AdjustedFacts): RampFinding[] {
  const { unit, working } = request;
  const W = working.weight;
  const jump = W - facts.reached;
  const findings: RampFinding[] = [];
  if (facts.isLastJump && jump > facts.lastJumpLimit) {
    findings.push({
      code: "last-jump",
      message: `From ${formatWeightWithUnit(facts.reached, unit)} it is ${Math.round((100 * jump) / W)} % of the working weight at once: more than is wanted for sets of ${working.reps}.`,
    });
  }
  if (jump <= 0) {
    findings.push({
      code: "working-weight-reached",
      message:
        jump === 0
          ? "The working weight has been reached: the next set is the first working set."
          : `More than the working weight has been lifted already: take the bar down to ${formatWeightWithUnit(W, unit)}.`,
    });
  }
  if (facts.setsGivenUp > 0) {
    const left = facts.setsGivenUp === 1 ? "one set is" : `${facts.setsGivenUp} sets are`;
    findings.push({ code: "hurried", message: `To fit the time, ${left} left out.` });
  }
  if (facts.takesTooLong !== null) {
    const takes = formatSeconds(facts.takesTooLong);
    findings.push({ code: "over-time", message: `Even so it takes ${takes} to the first working set.` });
  }
  return findings;
}
