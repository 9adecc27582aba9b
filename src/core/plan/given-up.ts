import { PHASE_NAMES, type Phase } from "../catalog";
import { formatSeconds } from "../units";
import { leftOutSentence, usualMinutes } from "./dose-reason";
import { planWarmUp } from "./plan-warm-up";
import { summaryOf } from "./summary";
import type { Plan, PlanRequest } from "./types";

/** A phase shorter by less than this is as good as whole. Seconds. */
const WORTH_SAYING = 20;

/**
 * What a plan gives up against the same warm-up with the time that its approach usually takes, in sentences;
 * none where there is that much.
 */
export function givenUp(request: PlanRequest, plan: Plan): string[] {
  const minutes = usualMinutes(request);
  if (request.minutes >= minutes) return [];
  const now = summaryOf(plan);
  const longer = planWarmUp({ ...request, minutes, taken: undefined });
  const whole = summaryOf(longer);
  const said: string[] = [];
  if (now.rounds < whole.rounds) {
    said.push(`${now.rounds === 1 ? "One round" : `${now.rounds} rounds`} of ${whole.rounds}.`);
  }
  for (const { phase, drills, seconds } of whole.phases) {
    const here = now.phases.find((p) => p.phase === phase);
    const name = PHASE_NAMES[phase];
    if (!here) said.push(`No ${name.toLowerCase()}.`);
    else if (here.drills === drills && seconds - here.seconds > WORTH_SAYING && now.rounds === whole.rounds) {
      said.push(`${name}: ${formatSeconds(here.seconds)} of ${formatSeconds(seconds)}.`);
    }
  }
  const isLeft = (phase: Phase) => now.phases.some((p) => p.phase === phase);
  const jobsOf = (p: Plan) =>
    p.blocks[0].choice.chosen.flatMap((c) => (isLeft(c.phase) && c.phase !== "raise" ? [c.job] : []));
  const leftOut = leftOutSentence(jobsOf(plan), jobsOf(longer));
  if (leftOut) said.push(leftOut);
  const sets = whole.rampSets - now.rampSets;
  if (sets > 0) said.push(`${sets === 1 ? "One ramp set" : `${sets} ramp sets`} fewer.`);
  return said;
}
