import { candidate } from "@/__tests__/fixtures";
import type { EquipmentId } from "../catalog";
import { groupTimetable, type Task } from "./group-timetable";
import type { GroupRequest } from "./types";

const task = (id: string, seconds: number, block = 0, kind: Task["kind"] = "shared"): Task => ({
  candidate: candidate(id, {
    ...{ phase: "mobilise", block, amount: 5, workSeconds: seconds, seconds: seconds + 6 },
  }),
  kind,
  of: kind === "personal" ? null : id,
  restBefore: 0,
});
const request = (counts: Partial<Record<EquipmentId, number>>) =>
  ({ equipment: null, counts }) as unknown as GroupRequest;
const timed = (plans: Task[][], counts: Partial<Record<EquipmentId, number>>) =>
  groupTimetable(plans, request(counts));

test("with enough for all everybody does the same at the same second", () => {
  const plan = [task("easy-row", 120), task("leg-swing-front", 40, 1)];
  const [a, b] = timed([plan, plan], {});
  expect(a).toEqual(b);
  expect(a!.waitingSeconds).toBe(0);
});

test("who finds the machine taken goes on with what may come first, and nobody waits", () => {
  const plan = [task("stick-pass-through", 60), task("leg-swing-front", 60)];
  const [a, b] = timed([plan, plan], { stick: 1 });
  expect(a!.tasks.map((t) => t.candidate.drill.id)).toEqual(["stick-pass-through", "leg-swing-front"]);
  expect(b!.tasks.map((t) => t.candidate.drill.id)).toEqual(["leg-swing-front", "stick-pass-through"]);
  expect([a!.waitingSeconds, b!.waitingSeconds]).toEqual([0, 0]);
});

test("who has nothing else to start waits until the machine is free, and not longer", () => {
  const plan = [task("easy-row", 120)];
  const [a, b, c] = timed([plan, plan, plan], { rower: 1 });
  expect(a!.waitingSeconds).toBe(0);
  expect(b!.waitingSeconds).toBe(a!.seconds);
  expect(b!.tasks[0]!.holdsFrom).toBe(a!.seconds);
  expect(c!.tasks[0]!.holdsFrom).toBe(b!.seconds);
});

test("a later phase is not begun because a machine of an earlier one is taken", () => {
  const plan = [task("easy-row", 60, 0), task("leg-swing-front", 60, 1)];
  const [, b] = timed([plan, plan], { rower: 1 });
  expect(b!.tasks.map((t) => t.candidate.drill.id)).toEqual(["easy-row", "leg-swing-front"]);
});

test("a stretch is never put after the movement that belongs to it", () => {
  const held = task("hip-flexor-stretch", 40, 0, "personal");
  const moved = task("knee-drive-back-up", 40, 0, "personal");
  const [a] = timed([[held, moved]], {});
  expect(a!.tasks.map((t) => t.candidate.drill.id)).toEqual(["hip-flexor-stretch", "knee-drive-back-up"]);
});

test("personal drills on one machine are taken in turns, each by whom it suits", () => {
  const own = (first: string, second: string) => [
    task(first, 30, 0, "personal"),
    task(second, 30, 0, "personal"),
  ];
  const [a, b] = timed([own("stick-pass-through", "bird-dog"), own("stick-pass-through", "bird-dog")], {
    stick: 1,
  });
  expect(a!.tasks[0]!.candidate.drill.id).toBe("stick-pass-through");
  expect(b!.tasks[0]!.candidate.drill.id).toBe("bird-dog");
  const holds = [a!, b!].flatMap((m) => m.tasks.filter((t) => t.uses.includes("stick")));
  holds.sort((x, y) => x.holdsFrom - y.holdsFrom);
  expect(holds[1]!.holdsFrom).toBeGreaterThanOrEqual(holds[0]!.startsAt + holds[0]!.seconds);
});
