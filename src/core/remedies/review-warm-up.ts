import { isSameFinding, REVIEW_RULES, type ReviewContext, type WrittenWarmUp } from "../review";
import { applyRemedy } from "./apply-remedy";
import { possibleRemedies } from "./possible-remedies";
import type { Remedy, ReviewFinding } from "./types";

/** Remedies offered for one finding. */
const MOST_REMEDIES = 4;

/**
 * What speaks against a warm-up, ours or by hand, for a session (docs/model.md, "Review"). Each finding comes
 * with remedies that have been tried: applied to the warm-up, they remove it.
 */
export function reviewWarmUp(written: WrittenWarmUp, context: ReviewContext): ReviewFinding[] {
  return REVIEW_RULES.flatMap((rule) =>
    rule(context, written).map((found): ReviewFinding => {
      const removes = (remedy: Remedy) =>
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
