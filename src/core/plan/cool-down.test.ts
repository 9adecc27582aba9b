import { planRequest } from "@/__tests__/fixtures";
import { formatDose } from "../dose";
import { planWarmUp } from ".";

const request = planRequest("back-squat", 80, { minutes: 20 });
const usual = planWarmUp(request);
const plan = planWarmUp({ ...request, coolDown: true });

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
