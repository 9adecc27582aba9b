import { athleteWith, gymWith } from "@/__tests__/fixtures";
import { shippedCatalog as catalog } from "@/catalog";
import { tests } from "@/catalog/tests";
import type { DemandId } from "../demands";
import { planRequestFor, startDraft } from "../draft";
import { outlineOf, planWarmUp } from "../plan";
import { weight } from "../units";
import { cardView } from ".";

const gym = gymWith([25, 20, 10, 5, 2.5], ["stick", "band-light", "box"]);

/** What a card says of a cool-down of ten minutes. */
function coolDown(limiters: DemandId[], coolDown: boolean | number = 10) {
  const athlete = athleteWith({
    limiters,
    workingWeights: [
      { lift: "back-squat", weight: weight(100), reps: 5, sets: 3, rir: 2, day: "2026-01-05" },
    ],
  });
  const draft = { ...startDraft(athlete, gym, catalog, { lifts: ["back-squat"], minutes: 18 }), coolDown };
  const request = planRequestFor(draft, athlete, gym, catalog);
  const plan = outlineOf(planWarmUp(request));
  const session = { day: "2026-02-02", time: null };
  return cardView({ session, gym, athlete, draft, request, plan, tests }).coolDown;
}

test("long work on a limiter stands by itself, with the test that is done after it", () => {
  const { drills, longWork } = coolDown(["ankle-dorsiflexion"])!;
  expect(longWork.length).toBeGreaterThan(0);
  expect(longWork.every((l) => l.endsWith("then test: knee to wall"))).toBe(true);
  expect(drills.length).toBeGreaterThan(0);
  expect(drills.join()).not.toContain("then test");
});

test("without a limiter, or where nothing measures it, there is none", () => {
  expect(coolDown([])!.longWork).toEqual([]);
  expect(coolDown(["hip-external-rotation"])!.longWork).toEqual([]);
  expect(coolDown([])!.drills.length).toBeGreaterThan(1);
});

test("without a cool-down there is nothing of it", () => {
  expect(coolDown(["ankle-dorsiflexion"], false)).toBeNull();
});
