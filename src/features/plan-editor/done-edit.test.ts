import { planRequest } from "@/__tests__/fixtures";
import { drillsTaken, planOfLift, planWarmUp } from "@/core/plan";
import { doneSets } from "@/core/ramp";
import { doneEdit, tickEdit } from "./done-edit";

const whole = planWarmUp(planRequest("back-squat", 100));
const plan = planOfLift(whole, 0);
const ramp = plan.ramps[0]!;
const setsDone = (edit: ReturnType<typeof tickEdit>) => (edit.kind === "done" ? edit.done.length : null);

test("a tick says that all sets up to it are done, and with which drills before", () => {
  expect(ramp.sets.length).toBeGreaterThan(3);
  const edit = tickEdit(plan, 2);
  expect(edit).toEqual({ kind: "done", at: 0, done: doneSets(ramp, 3), drills: drillsTaken(plan) });
  expect(setsDone(edit)).toBe(3);
});

test("a tick on one that has been done says that it has not, nor any after it", () => {
  const underWay = planOfLift(
    planWarmUp(
      planRequest("back-squat", 100, {
        lifts: whole.blocks[0].lifts.map((_, i) => ({
          ...planRequest("back-squat", 100).lifts[i]!,
          done: doneSets(ramp, 3),
        })),
      }),
    ),
    0,
  );
  expect(underWay.ramps[0]!.done).toBe(3);
  expect(setsDone(tickEdit(underWay, 1))).toBe(1);
  expect(setsDone(tickEdit(underWay, 0))).toBe(0);
  expect(setsDone(tickEdit(underWay, 3))).toBe(4);
});

test("what has been done is said as it was", () => {
  const done = doneSets(ramp, 1);
  expect(doneEdit(plan, done)).toMatchObject({ kind: "done", at: 0, done });
});
