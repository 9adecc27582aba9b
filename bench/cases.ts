import { shippedCatalog as catalog } from "@/catalog";
import type { AreaId, AreaLevel } from "@/core/catalog";
import type { DemandId } from "@/core/demands";
import { type ChoiceModel, choiceModels } from "@/core/drills";
import { type PlanRequest, planWarmUp } from "@/core/plan";
import { barKit, type PlateKind } from "@/core/plates";
import { type Weight, weight } from "@/core/units";

const plate = (kg: number, pairs: number): PlateKind => ({
  weight: weight(kg),
  pairs,
  fullDiameter: kg >= 10,
});

const none = 0 as Weight;
export const ordinaryGym = barKit(weight(20), none, [
  plate(25, 2),
  plate(20, 2),
  plate(15, 1),
  plate(10, 2),
  plate(5, 2),
  plate(2.5, 2),
  plate(1.25, 2),
  plate(0.5, 1),
]);
export const richGym = barKit(
  weight(20),
  none,
  [25, 20, 15, 10, 5, 2.5, 2, 1.5, 1.25, 1, 0.5].map((kg) => plate(kg, 8)),
);

const LIMITERS: DemandId[][] = [
  [],
  ["ankle-dorsiflexion"],
  ["front-rack", "thoracic-extension"],
  ["shoulder-flexion", "rotator-cuff"],
  ["hamstring-length", "hip-internal-rotation"],
];
const AREAS: [AreaId, AreaLevel][][] = [
  [],
  [["knee", "slow"]],
  [["shoulder", "avoid"]],
  [["low-back", "sore"]],
];
export const WORKING: [kg: number, reps: number][] = [
  [60, 10],
  [85, 5],
  [112.5, 3],
  [150, 5],
  [182.5, 1],
];
export const MINUTES = [6, 12, 20, 30];

/** One athlete's plans over lifts, approaches, times, limiters and areas; the same each time. */
export function planCases(): PlanRequest[] {
  const cases: PlanRequest[] = [];
  for (const lift of catalog.lifts) {
    for (const approach of catalog.approaches) {
      for (const minutes of MINUTES) {
        const i = cases.length;
        const [kg, reps] = WORKING[i % WORKING.length]!;
        cases.push({
          unit: "kg",
          lifts: [{ lift, kit: ordinaryGym, working: { weight: weight(kg), reps, sets: 4, rir: 1 } }],
          minutes,
          athlete: {
            experience: (["beginner", "intermediate", "advanced"] as const)[i % 3]!,
            limiters: LIMITERS[i % LIMITERS.length]!,
            areas: AREAS[(i * 3) % AREAS.length]!.map(([area, level]) => ({ area, level })),
          },
          approach,
          room: i % 7 === 0 ? "cold" : "normal",
          equipment: null,
          own: [],
          dropped: [],
          drills: catalog.drills,
        });
      }
    }
  }
  return cases;
}

/** What the first block's drills of a request are chosen from: a model for each number of rounds. */
export function firstChoices(request: PlanRequest): ChoiceModel[] {
  const { model } = planWarmUp(request).blocks[0].choice;
  return choiceModels({ ...request, tests: [], demands: model.demands, seconds: model.seconds });
}
