import { shippedCatalog as catalog } from "@/catalog";
import { approachFor } from "@/core/catalog";
import { formatDose } from "@/core/dose";
import { type PlanRequest, planWarmUp } from "@/core/plan";
import { reviewWarmUp } from "@/core/remedies";
import { reviewContext, writtenOf } from "@/core/review";
import { formatClock, formatWeight, weight } from "@/core/units";
import { ordinaryGym } from "./cases";

/**
 * Prints plans for reading, one line a phase: `read-plans.mts LIFT APPROACH MINUTES`, each a comma list or
 * "all"; without a limiter or area, at a usual working weight.
 */
const [lifts = "back-squat", approaches = "all", minutes = "6,12,20"] = process.argv.slice(2);
const wanted = <T extends { id: string }>(all: readonly T[], names: string) =>
  names === "all" ? all : all.filter((a) => names.split(",").includes(a.id));
const USUAL_WEIGHT: Record<string, number> = {
  "biceps-curl": 35,
  "triceps-extension": 35,
  "overhead-press": 50,
};

for (const lift of wanted(catalog.lifts, lifts)) {
  for (const approach of wanted(catalog.approaches, approaches)) {
    for (const time of minutes.split(",").map(Number)) {
      const request: PlanRequest = {
        unit: "kg",
        lifts: [
          {
            lift,
            kit: ordinaryGym,
            working: lift.kind
              ? null
              : { weight: weight(USUAL_WEIGHT[lift.id] ?? 90), reps: 5, sets: 3, rir: 1 },
          },
        ],
        minutes: time,
        athlete: { experience: "intermediate", limiters: [], areas: [] },
        approach: approachFor(catalog, lift, approach.id),
        room: "normal",
        equipment: null,
        own: [],
        dropped: [],
        drills: catalog.drills,
      };
      const plan = planWarmUp(request);
      const ramp =
        plan.ramps[0]?.sets.map((s) => `${formatWeight(s.weight)}×${s.reps}`).join(" ") ?? "no ramp";
      console.log(
        `\n${lift.name}, ${request.approach.name}, ${time} min: ${formatClock(plan.seconds)}; ${ramp}`,
      );
      const steps = plan.steps.filter((s) => s.round === 1);
      steps.forEach((step, i) => {
        const phase = steps[i - 1]?.phase === step.phase ? "" : step.phase;
        const rounds = step.rounds > 1 ? ` (${step.rounds} rounds)` : "";
        console.log(`  ${phase.padEnd(9)} ${step.drill.name}, ${formatDose(step.dose)}${rounds}`);
      });
      const found = reviewWarmUp(writtenOf(plan, time), reviewContext(request));
      if (found.length > 0)
        console.log(`  ! ${found.map((f) => f.message.replace(/, asked by.*? is/, " is")).join(" ")}`);
    }
  }
}
