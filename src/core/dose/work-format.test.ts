import { shippedCatalog as catalog } from "@/catalog";
import { drillById } from "../catalog";
import {
  doseOf,
  doseOfFormat,
  doseSeconds,
  doseShare,
  formatDose,
  formatFault,
  type SignId,
  type WorkFormat,
} from ".";

const range = (id: string) => drillById(catalog, id)!.dose;
const seconds = (id: string, format: WorkFormat) => doseSeconds(range(id), doseOfFormat(format));
const text = (id: string, format: WorkFormat, until?: SignId) =>
  formatDose(doseOf(range(id), { ...doseOfFormat(format), until }));

const interval = { kind: "interval", on: 30, off: 30, times: 4 } as const;
const tempo = {
  kind: "variants",
  by: "tempo",
  ways: ["slow-slow", "slow-fast", "fast-slow"],
  amount: 5,
} as const;
const pieces = { kind: "pieces", seconds: 180, pieces: ["one thigh", "the other", "both"] } as const;
const surges = { kind: "surges", seconds: 360, surges: 4, on: 15, off: 45 } as const;

test("a format takes its work, and the rests and breaks inside it", () => {
  expect(seconds("body-weight-squat", interval)).toBe(4 * 30 + 3 * 30);
  // 5 repetitions of 6, 4 and 4 s, with the drill's rest after each round but the last.
  expect(seconds("body-weight-squat", tempo)).toBe(
    5 * (6 + 4 + 4) + 2 * range("body-weight-squat").restSeconds,
  );
  expect(seconds("deep-squat-hold", pieces)).toBe(180 + 2 * 10);
  expect(seconds("easy-bike", surges)).toBe(360);
});

test("ways that have no tempo of their own take the drill's", () => {
  const { secondsPerUnit, restSeconds } = range("assisted-squat");
  const depth = { kind: "variants", by: "depth", ways: ["easy", "deeper"], amount: 6 } as const;
  expect(seconds("assisted-squat", depth)).toBe(2 * 6 * secondsPerUnit + restSeconds);
});

test("a format is worth what it is of the usual dose", () => {
  const usual = range("deep-squat-hold");
  expect(doseShare(usual, doseOfFormat(pieces))).toBeCloseTo(180 / (usual.sets[1] * usual.amount[1]));
  expect(doseShare(range("easy-bike"), doseOfFormat(surges))).toBeCloseTo(360 / range("easy-bike").amount[1]);
});

test("a format reads as a coach writes it", () => {
  expect(text("body-weight-squat", interval)).toBe("30 s on, 30 s off × 4");
  expect(text("band-walk", { ...interval, off: 0 })).toBe("30 s on × 4, sides in turns");
  expect(text("body-weight-squat", tempo)).toBe("3 × 5: slow-slow; slow-fast; fast-slow");
  expect(text("deep-squat-hold", pieces)).toBe("3 min in 3 pieces: one thigh, the other, both");
  expect(text("deep-squat-hold", { ...pieces, pieces: ["", ""] })).toBe("3 min in 2 pieces");
  expect(text("easy-bike", surges, "short-sentences")).toBe(
    "6 min with 4 surges of 15 s, 45 s easy after each, or until talk comes in short sentences",
  );
});

test.each<[WorkFormat, number, string | undefined]>([
  [interval, 600, undefined],
  [interval, 180, "times"],
  [{ ...interval, times: 0 }, 600, "times"],
  [{ ...interval, on: 0 }, 600, "on"],
  [{ ...tempo, ways: ["slow-slow"] }, 600, "ways"],
  [{ ...tempo, ways: ["slow-slow", " "] }, 600, "ways.1"],
  [{ ...pieces, pieces: ["all of it"] }, 600, "pieces"],
  [{ ...surges, surges: 7 }, 600, "surges"],
])("what is wrong with %j in %i s is said of %s", (format, most, field) => {
  expect(formatFault(format, most)?.field).toBe(field);
});
