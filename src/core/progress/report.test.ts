import { tests } from "@/catalog/tests";
import { weight } from "../units";
import { type ReportFacts, reportOf } from ".";

const wall = tests.find((t) => t.id === "knee-to-wall")!;
const nothing: ReportFacts = { lifts: [], tests: [], responses: [], sessions: 0, hurt: 0, limiters: [] };
const lift = (...kgs: number[]) => ({
  name: "Back squat",
  unit: "kg" as const,
  weights: kgs.map((kg, i) => ({ day: `2026-01-0${i + 1}`, weight: weight(kg) })),
});
const linesOf = (facts: Partial<ReportFacts>) => reportOf({ ...nothing, ...facts }).flatMap((p) => p.lines);

test("without anything there is nothing to report", () => {
  expect(reportOf(nothing)).toEqual([]);
});

test("lifts are told by where they are and how they have gone", () => {
  expect(linesOf({ lifts: [lift(80, 90)] })).toEqual(["Back squat: 90 kg, 10 kg more than at the start."]);
  expect(linesOf({ lifts: [lift(80, 77.5)] })).toEqual([
    "Back squat: 77.5 kg, 2.5 kg less than at the start.",
  ]);
  expect(linesOf({ lifts: [lift(80), lift()] })).toEqual(["Back squat: 80 kg."]);
});

test("tests are told by the side that was worse, and not where measuring alone may have done it", () => {
  const told = (...values: number[][]) => linesOf({ tests: [{ test: wall, values }] })[0];
  expect(told([8, 6], [8, 9])).toBe("Knee to wall: left 8 cm, right 9 cm, 3 cm better than at the start.");
  expect(told([8, 6], [8, 7])).toMatch(/about as at the start\.$/);
  expect(told([8, 6])).toBe("Knee to wall: left 8 cm, right 6 cm.");
});

test("only what is known to help is told, the best first", () => {
  const response = (mean: number, verdict: "helps" | "unknown") => ({
    ...{ drill: "d", demand: "ankle-dorsiflexion" as const, test: wall.id, effect: { mean, variance: 1 } },
    ...{ expected: 1.5, trials: 3, trialsOfAll: 3, seconds: 60, verdict },
  });
  const lines = linesOf({
    responses: [
      { name: "Rock", response: response(1, "helps"), test: wall },
      { name: "Roll", response: response(2, "helps"), test: wall },
      { name: "Hang", response: response(9, "unknown"), test: wall },
    ],
  });
  expect(lines).toEqual([
    "Roll: a minute of it gives you about 2 cm in knee to wall.",
    "Rock: a minute of it gives you about 1 cm in knee to wall.",
  ]);
});

test("sessions are counted, with what hurt and what was looked after", () => {
  const limiters = [
    { name: "Neck", minutes: 0 },
    { name: "Ankle dorsiflexion", minutes: 7.6 },
  ];
  expect(linesOf({ sessions: 1, limiters })).toEqual([
    "1 session written down.",
    "Neck: nothing in the last two weeks.",
    "Ankle dorsiflexion: about 8 min of drills in the last two weeks.",
  ]);
  expect(linesOf({ sessions: 9, hurt: 2 })[1]).toMatch(/hurt in 2 of them/);
});
