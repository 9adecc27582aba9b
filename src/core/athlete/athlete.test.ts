import { catalogLift } from "@/__tests__/fixtures";
import { shippedCatalog as catalog } from "@/catalog";
import { type AreaId, type AreaLevel, drillById } from "../catalog";
import { type AthleteProfile, ageOn, isStiff, rulesOut, slowToWarmFor } from ".";

const athlete = (...areas: [AreaId, AreaLevel][]): AthleteProfile => ({
  experience: "intermediate",
  limiters: [],
  areas: areas.map(([area, level]) => ({ area, level })),
});
const drill = (id: string) => drillById(catalog, id)!;

describe("how slow to warm a lift finds an athlete", () => {
  const squat = catalogLift("back-squat");

  test("is the worst of the areas that it loads", () => {
    expect(slowToWarmFor(athlete(), squat)).toBe(0);
    expect(slowToWarmFor(athlete(["knee", "slow"]), squat)).toBe(1);
    expect(slowToWarmFor(athlete(["knee", "slow"], ["hip", "very-slow"]), squat)).toBe(2);
    expect(slowToWarmFor(athlete(["knee", "sore"], ["hip", "very-slow"]), squat)).toBe("sore");
  });

  test("leaves out areas that it does not load, and those to avoid", () => {
    expect(slowToWarmFor(athlete(["elbow", "sore"]), squat)).toBe(0);
    expect(slowToWarmFor(athlete(["knee", "avoid"]), squat)).toBe(0);
  });
});

test("only slow areas make an athlete stiff", () => {
  expect(isStiff(athlete(["neck", "slow"]))).toBe(true);
  expect(isStiff(athlete(["neck", "very-slow"]))).toBe(true);
  expect(isStiff(athlete(["neck", "sore"], ["knee", "avoid"]))).toBe(false);
});

describe("what an area rules out", () => {
  test("to avoid: every drill that loads it", () => {
    expect(rulesOut(athlete(["knee", "avoid"]), drill("side-lunge"))?.area).toBe("knee");
    expect(rulesOut(athlete(["knee", "avoid"]), drill("bird-dog"))).toBeNull();
  });

  test("sore: what is hard, has impact or is unkind to it", () => {
    expect(rulesOut(athlete(["knee", "sore"]), drill("cossack-squat"))?.level).toBe("sore");
    expect(rulesOut(athlete(["knee", "sore"]), drill("step-up"))?.level).toBe("sore");
    expect(rulesOut(athlete(["knee", "sore"]), drill("body-weight-squat"))).toBeNull();
    expect(rulesOut(athlete(["knee", "sore"]), drill("rope-turns"))?.area).toBe("knee");
  });

  test("slow: only what is unkind to it", () => {
    expect(rulesOut(athlete(["knee", "slow"]), drill("deep-squat-hold"))?.area).toBe("knee");
    expect(rulesOut(athlete(["knee", "very-slow"]), drill("vertical-jump"))).toBeNull();
  });
});

test("age is counted in the year of the day, and unknown without a birth year", () => {
  expect(ageOn(1990, "2026-03-01")).toBe(36);
  expect(ageOn(null, "2026-03-01")).toBeNull();
});
