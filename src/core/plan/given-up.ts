import { PHASE_NAMES } from "../catalog";
import { formatSeconds } from "../units";
import { summaryOf } from "./summary";
import type { Plan } from "./types";

/** A phase shorter by less than this is as good as whole. Seconds. */
const WORTH_SAYING = 20;

/**
 * What a plan gives up against the same warm-up with the time that its approach usually takes, in sentences;
 * none where nothing is.
 */
export function givenUp(plan: Plan, usual: Plan): string[] {
  const now = summaryOf(plan);
  const whole = summaryOf(usual);
  const said: string[] = [];
  if (now.rounds < whole.rounds) {
    said.push(`${now.rounds === 1 ? "One round" : `${now.rounds} rounds`} of ${whole.rounds}.`);
  }
  for (const { phase, drills, seconds } of whole.phases) {
    const here = now.phases.find((p) => p.phase === phase);
    const name = PHASE_NAMES[phase];
    if (!here) said.push(`No ${name.toLowerCase()}.`);
    else if (here.drills < drills) said.push(`${name}: ${here.drills} of ${drills} drills.`);
    else if (seconds - here.seconds > WORTH_SAYING && now.rounds === whole.rounds) {
      said.push(`${name}: ${formatSeconds(here.seconds)} of ${formatSeconds(seconds)}.`);
    }
  }
  const sets = whole.rampSets - now.rampSets;
  if (sets > 0) said.push(`${sets === 1 ? "One ramp set" : `${sets} ramp sets`} fewer.`);
  return said;
}
