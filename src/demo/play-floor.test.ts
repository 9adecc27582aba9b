import { floorPlan, START } from "@/__tests__/floor";
import { foldEvents, isDone, itemsOf, paceOf, sessionSummary } from "@/core/floor";
import { playFloor } from "./play-floor";

const plans = [floorPlan(12, { together: true }), floorPlan(6), floorPlan(1)];

test.each(plans.map((p) => [p.athletes.length, p] as const))(
  "a session of %p is played to its end",
  (people, plan) => {
    const events = playFloor(plan, START, 7);
    expect(events[0]).toMatchObject({ kind: "started", at: START });
    expect(events.at(-1)).toMatchObject({ kind: "finished" });
    const state = foldEvents(plan, events);
    const rows = sessionSummary(plan, state);
    const here = rows.filter((r) => r.presence === "there");
    expect(here).toHaveLength(people < 4 ? people : people - 1);
    for (const r of here) {
      const athlete = plan.athletes.find((a) => a.id === r.id)!;
      expect(itemsOf(athlete, state.people[r.id]!).every(isDone)).toBe(true);
      expect(r.readySeconds).toBeGreaterThan(300);
      expect(paceOf(plan, athlete, state, START + r.readySeconds! * 1000)).not.toBeNull();
    }
  },
);

test("somebody is late, somebody hurts, one ramp is changed; two tablets and phones take part", () => {
  const events = playFloor(plans[0]!, START, 7);
  const kinds = new Set(events.map((e) => e.kind));
  for (const kind of ["absent", "arrived", "pain", "checked", "ramp-changed"] as const)
    expect(kinds).toContain(kind);
  const devices = new Set(events.map((e) => e.device));
  expect(devices.size).toBeGreaterThan(8);
});

test("the same seed plays the same session, another one another", () => {
  const told = (seed: number) => playFloor(plans[1]!, START, seed).map(({ id: _, ...e }) => e);
  expect(told(3)).toEqual(told(3));
  expect(told(3)).not.toEqual(told(4));
});
