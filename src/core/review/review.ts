import type { ReviewContext } from "./context";
import { DRILL_RULES, type Rule } from "./drill-rules";
import { overTime, unservedDemands } from "./plan-rules";
import { rampFindings } from "./ramp-rules";
import type { Found, WrittenWarmUp } from "./types";

/** All rules, the gravest first. */
export const REVIEW_RULES: readonly Rule[] = [...DRILL_RULES, rampFindings, overTime, unservedDemands];

/** What speaks against a warm-up, without what would mend it: quick enough for every key that is pressed. */
export function findingsOf(written: WrittenWarmUp, context: ReviewContext): Found[] {
  return REVIEW_RULES.flatMap((rule) => rule(context, written));
}

/** Whether two findings are about the same, whatever has moved meanwhile. */
export function isSameFinding(a: Found, b: Found): boolean {
  return a.code === b.code && a.subject === b.subject;
}
