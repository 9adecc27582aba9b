import type { Figure } from "@/core/figure";
import { BAR_FIGURES } from "./bar";
import { HIP_FIGURES } from "./hips";
import { LEG_FIGURES } from "./legs";
import { LIFT_FIGURES } from "./lifts";
import { RAISE_FIGURES } from "./raise";
import { SHOULDER_FIGURES } from "./shoulders";
import { TRUNK_FIGURES } from "./trunk";

/** The figures of the drills that ship, by the drills' ids. */
export const DRILL_FIGURES: Readonly<Record<string, Figure>> = {
  ...RAISE_FIGURES,
  ...SHOULDER_FIGURES,
  ...TRUNK_FIGURES,
  ...HIP_FIGURES,
  ...LEG_FIGURES,
  ...BAR_FIGURES,
};

export { LIFT_FIGURES };
