import { shippedCatalog as catalog } from "@/catalog";
import { type Dose, doseOf, doseOfFormat, doseSeconds, type WorkFormat } from "../dose";
import { type StepPart, stepMoment, stepParts } from ".";

const doses = catalog.drills.flatMap(({ dose, setUpSeconds }) =>
  dose.sets.map((sets) => {
    const own = { sets, amount: dose.amount[1] };
    return { dose: doseOf(dose, own), setUpSeconds, seconds: setUpSeconds + doseSeconds(dose, own) };
  }),
);
const sum = (parts: readonly StepPart[]) => parts.reduce((s, p) => s + p.seconds, 0);
const step = (dose: Partial<Dose>, seconds: number, setUpSeconds = 0) => ({
  dose: { kind: "hold", sets: 1, amount: 30, sides: 1, directions: 1, restSeconds: 0, ...dose } as Dose,
  seconds,
  setUpSeconds,
});

test("the parts of every drill of the library last as long as it does, and none is empty", () => {
  for (const one of doses) {
    const parts = stepParts(one);
    expect(sum(parts)).toBeCloseTo(one.seconds, 6);
    for (const part of parts) expect(part.seconds).toBeGreaterThan(0);
  }
});

test("each side of each set has its turn, with the rest between the sets", () => {
  const parts = stepParts(step({ sets: 2, sides: 2, restSeconds: 20 }, 150, 10));
  expect(parts.map((p) => [p.kind, p.side, p.seconds, p.round])).toEqual([
    ["set-up", null, 10, 1],
    ["work", 1, 30, 1],
    ["work", 2, 30, 1],
    ["rest", null, 20, 2],
    ["work", 1, 30, 2],
    ["work", 2, 30, 2],
  ]);
});

test("contractions are pressed and lifted in turns", () => {
  const parts = stepParts(step({ kind: "contractions", amount: 3, sides: 2 }, 72));
  expect(parts.map((p) => p.says).slice(0, 3)).toEqual(["Press", "Lift", "Press"]);
  expect(parts).toHaveLength(12);
  expect(sum(parts)).toBeCloseTo(72, 6);
});

const formats: [string, WorkFormat, number, string[]][] = [
  ["intervals", { kind: "interval", on: 30, off: 15, times: 3 }, 120, ["On", "Off", "On", "Off", "On"]],
  [
    "pieces",
    { kind: "pieces", seconds: 90, pieces: ["one thigh", "the other"] },
    100,
    ["one thigh", "Change", "the other"],
  ],
  [
    "surges",
    { kind: "surges", seconds: 180, surges: 2, on: 20, off: 40 },
    180,
    ["Easy", "Brisk", "Easy", "Brisk", "Easy"],
  ],
  [
    "variants",
    { kind: "variants", by: "tempo", ways: ["slow-slow", "fast-fast"], amount: 5 },
    40,
    ["slow-slow", "fast-fast"],
  ],
];

test.each(formats)("%s run as they are written", (_, format, seconds, says) => {
  const { sets, amount } = doseOfFormat(format);
  const parts = stepParts(step({ sets, amount, format }, seconds));
  expect(parts.map((p) => p.says)).toEqual(says);
  expect(sum(parts)).toBeCloseTo(seconds, 6);
});

test("a moment is in the part that is on; after the end it says for how long it has been over", () => {
  const parts = stepParts(step({ sides: 2 }, 70, 10));
  expect(stepMoment(parts, 0)).toMatchObject({ at: 0, partLeft: 10, left: 70 });
  expect(stepMoment(parts, 10)).toMatchObject({ at: 1, partLeft: 30, next: { side: 2 } });
  expect(stepMoment(parts, 45)).toMatchObject({ at: 2, partLeft: 25, left: 25, next: null });
  expect(stepMoment(parts, 75)).toMatchObject({ at: 2, partLeft: -5, left: -5 });
});

test("a test is one stretch", () => {
  expect(stepParts({ dose: null, setUpSeconds: 0, seconds: 20 })).toHaveLength(1);
});
