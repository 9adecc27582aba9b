import { applyRemedy } from "./apply-remedy";
import type { ReviewContext } from "./context";
import { DRILL_RULES, type Rule } from "./drill-rules";
import { overTime, unservedDemands } from "./plan-rules";
import { rampFindings } from "./ramp-rules";
import { possibleRemedies } from "./remedies";
import type { Found, ReviewFinding, WrittenWarmUp } from "./types";

/** All rules, the gravest first. */
const RULES: readonly Rule[] = [...DRILL_RULES, rampFindings, overTime, unservedDemands];

const MOST_REMEDIES = 4;

/** What speaks against a warm-up, without what would mend it: quick enough for every key that is pressed. */
export function findingsOf(written: WrittenWarmUp, context: ReviewContext): Found[] {
  return RULES.flatMap((rule) => rule(context, written));
}

/**
 * What speaks against a warm-up, ours or by hand, for a session (docs/model.md, "Review"). Each finding comes
 * with remedies that have been tried: applied to the warm-up, they remove it.
 */
export function reviewWarmUp(written: WrittenWarmUp, context: ReviewContext): ReviewFinding[] {
  return RULES.flatMap((rule) =>
    rule(context, written).map((found): ReviewFinding => {
      const removes = (remedy: ReviewFinding["remedies"][number]) =>
        !rule(context, applyRemedy(written, remedy)).some((f) => isSameFinding(f, found));
      const labels = new Set<string>();
      const remedies = possibleRemedies(context, written, found).filter((remedy) => {
        if (labels.size >= MOST_REMEDIES || labels.has(remedy.label) || !removes(remedy)) return false;
        labels.add(remedy.label);
        return true;
      });
      return { ...found, remedies };
    }),
  );
}

/** Whether two findings are about the same, whatever has moved meanwhile. */
export function isSameFinding(a: Found, b: Found): boolean {
  return a.code === b.code && a.subject === b.subject;
}
