import fc from "fast-check";
import { cases } from "@/lib/__tests__/cases";
import { isBackOffWeek, type Progression, percentInWeek, sessionInWeek, weeksBetween } from ".";

const UP: Progression = { step: 2.5, backOffEvery: 4, backOff: 10 };

test("three weeks up, one down, and on from where it was", () => {
  const weeks = Array.from({ length: 9 }, (_, week) => percentInWeek(70, UP, week));
  expect(weeks).toEqual([70, 72.5, 75, 65, 77.5, 80, 82.5, 72.5, 85]);
});

test("without lighter weeks it goes up each week, and never past what may be asked for", () => {
  const always: Progression = { step: 10, backOffEvery: null, backOff: 0 };
  expect([0, 1, 2, 5, 9].map((week) => percentInWeek(80, always, week))).toEqual([80, 90, 100, 120, 120]);
  expect(percentInWeek(20, { step: 0, backOffEvery: 2, backOff: 40 }, 1)).toBe(10);
});

test("a session's shares move, weights and what is in reserve stay", () => {
  const percent = { kind: "percent", percent: 70, of: "max" } as const;
  const reserve = { kind: "reserve", rir: 2 } as const;
  const lift = (load: typeof percent | typeof reserve | null) => ({
    lift: "back-squat",
    scheme: load && { sets: 3, reps: 5, load },
    pairedWithNext: false,
  });
  const session = {
    lifts: [lift(percent), lift(reserve), lift(null)],
    subGroups: [{ name: "New", athleteIds: ["a"], lifts: [lift({ ...percent, percent: 60 as never })] }],
  };
  const later = sessionInWeek(session, UP, 2);
  expect(later.lifts[0]!.scheme!.load).toEqual({ ...percent, percent: 75 });
  expect(later.lifts.slice(1)).toEqual(session.lifts.slice(1));
  expect(later.subGroups[0]!.lifts[0]!.scheme!.load).toEqual({ ...percent, percent: 65 });
});

test.each([
  ["2026-12-02", "2026-12-06", 0],
  ["2026-12-06", "2026-12-07", 1],
  ["2026-12-01", "2027-01-05", 5],
])("weeks from %s to %s", (from, to, weeks) => {
  expect(weeksBetween(from, to)).toBe(weeks);
});

test("building weeks go up by their step, back-off weeks are lighter by theirs, as long as there is room", () => {
  const any = fc.record({
    step: fc.constantFrom(0, 1, 2.5, 5),
    backOffEvery: fc.option(fc.integer({ min: 2, max: 6 }), { nil: null }),
    backOff: fc.constantFrom(0, 5, 10),
  });
  fc.assert(
    fc.property(any, fc.integer({ min: 0, max: 6 }), (progression, weeks) => {
      let building = 60;
      for (let week = 1; week <= weeks; week++) {
        const now = percentInWeek(60, progression, week);
        if (isBackOffWeek(progression, week)) expect(now).toBe(building - progression.backOff);
        else {
          expect(now).toBe(building + progression.step);
          building = now;
        }
      }
    }),
    cases(100),
  );
});
