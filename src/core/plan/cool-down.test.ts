import { planRequest } from "@/__tests__/fixtures";
import { shippedCatalog } from "@/catalog";
import { drain } from "@/lib/drain";
import { DEMANDS } from "../demands";
import { formatDose } from "../dose";
import { coolDownRequest, planExactly, planWarmUp } from ".";

const request = planRequest("back-squat", 80, { minutes: 20 });
const usual = planWarmUp(request);
const plan = planWarmUp({ ...request, coolDown: "again" });

test("the easy drills come again after the last lift, in their order and doses", () => {
  const again = plan.coolDown!;
  const easy = plan.steps.filter((s) => again.drills.some((d) => d.drill === s.drill));
  expect(again.drills.length).toBeGreaterThan(1);
  expect(again.drills.map((d) => [d.drill.id, formatDose(d.dose)])).toEqual(
    easy.map((s) => [s.drill.id, formatDose(s.dose)]),
  );
  for (const { drill } of again.drills)
    expect(drill).toMatchObject({ impact: "none", load: { kind: "none" } });
  expect(easy.some((s) => s.phase === "raise")).toBe(false);
});

test("it begins when the working sets end, and is no part of the warm-up's time", () => {
  expect(plan.coolDown!.startsAt).toBe(plan.blocks.at(-1)!.endsAt);
  expect(plan.coolDown!.seconds).toBeGreaterThan(0);
  expect({ ...plan, coolDown: null, blocks: [] }).toEqual({ ...usual, blocks: [] });
});

describe("a cool-down that is chosen", () => {
  const chosen = (
    minutes: number,
    lift = "back-squat",
    limiters: ("ankle-dorsiflexion" | "shoulder-flexion")[] = [],
  ) => {
    const asked = planRequest(lift, 80, {
      minutes: 20,
      athlete: { experience: "intermediate", limiters, areas: [] },
    });
    return planWarmUp({ ...asked, coolDown: coolDownRequest(minutes, shippedCatalog) }).coolDown;
  };
  const serves = (coolDown: ReturnType<typeof chosen>) =>
    new Set(coolDown!.drills.flatMap((d) => Object.keys(d.drill.serves)));

  test.each([5, 8, 10, 15, 20])("fills %p minutes and no more", (minutes) => {
    const { seconds, startsAt, drills } = chosen(minutes)!;
    expect(seconds).toBeLessThanOrEqual(minutes * 60);
    expect(seconds).toBeGreaterThan(minutes * 60 * 0.55);
    expect(startsAt).toBeGreaterThan(20 * 60);
    for (const { drill } of drills) expect(drill).toMatchObject({ impact: "none" });
  });

  test("is for the muscles that have worked, and for the limiters", () => {
    expect(serves(chosen(10, "back-squat"))).toContain("hip-extension");
    expect(serves(chosen(10, "bench-press"))).toContain("chest-length");
    expect(serves(chosen(10, "bench-press", ["ankle-dorsiflexion"]))).toContain("ankle-dorsiflexion");
    for (const demand of serves(chosen(10))) expect(Object.keys(DEMANDS)).toContain(demand);
  });

  test("leaves the warm-up as it is, and is proven to be the best as that is", () => {
    const asked = planRequest("deadlift", 100, { minutes: 15 });
    const coolDown = coolDownRequest(8, shippedCatalog);
    const [without, exact] = [planWarmUp(asked), drain(planExactly({ ...asked, coolDown }))];
    expect(planWarmUp({ ...asked, coolDown }).steps.map((s) => s.drill.id)).toEqual(
      without.steps.map((s) => s.drill.id),
    );
    expect(exact.coolDown!.drills.length).toBeGreaterThan(0);
  });

  test("nothing, the same again, or minutes", () => {
    expect(coolDownRequest(false, shippedCatalog)).toBeUndefined();
    expect(coolDownRequest(true, shippedCatalog)).toBe("again");
    expect(coolDownRequest(8, shippedCatalog)).toMatchObject({ minutes: 8, approach: { id: "cool-down" } });
  });
});
