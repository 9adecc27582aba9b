import { shippedCatalog as catalog } from "@/catalog";
import { drillById } from "../catalog";
import type { WrittenStep, WrittenWarmUp } from "../review";
import { weight } from "../units";
import { applyRemedy } from "./apply-remedy";
import type { Change } from "./types";

const step = (id: string, change: Partial<WrittenStep> = {}): WrittenStep => ({
  drill: drillById(catalog, id)!,
  block: 0,
  sets: 1,
  amount: 5,
  side: "both",
  ...change,
});
const set = (kg: number) => ({ weight: weight(kg), reps: 5, restSeconds: 60 });
const written: WrittenWarmUp = {
  steps: [step("easy-row"), step("leg-swing-front"), step("glute-bridge"), step("body-weight-squat")],
  ramps: [[set(20), set(60)], null],
  minutes: 15,
};
const after = (...changes: Change[]) => applyRemedy(written, { label: "", changes });
const ids = (w: WrittenWarmUp) => w.steps.map((s) => s.drill.id);
const bridge = drillById(catalog, "bird-dog")!;

test("steps are named by where they stood before, however many changes there are", () => {
  const both = after({ kind: "drop-step", step: 0 }, { kind: "drop-step", step: 2 });
  expect(ids(both)).toEqual(["leg-swing-front", "body-weight-squat"]);
  const dropped = after(
    { kind: "drop-step", step: 1 },
    { kind: "add-step", drill: bridge, block: 0, sets: 1, amount: 8, at: 2 },
  );
  expect(ids(dropped)).toEqual(["easy-row", "bird-dog", "glute-bridge", "body-weight-squat"]);
});

test.each<[string, Change, string[]]>([
  [
    "added at the end",
    { kind: "add-step", drill: bridge, block: 0, sets: 1, amount: 8, at: 9 },
    ["easy-row", "leg-swing-front", "glute-bridge", "body-weight-squat", "bird-dog"],
  ],
  [
    "moved forward",
    { kind: "move-step", step: 3, to: 1 },
    ["easy-row", "body-weight-squat", "leg-swing-front", "glute-bridge"],
  ],
  [
    "moved back",
    { kind: "move-step", step: 0, to: 3 },
    ["leg-swing-front", "glute-bridge", "easy-row", "body-weight-squat"],
  ],
  [
    "swapped",
    { kind: "swap-step", step: 2, drill: bridge, sets: 2, amount: 8 },
    ["easy-row", "leg-swing-front", "bird-dog", "body-weight-squat"],
  ],
])("a step is %s", (_, change, expected) => {
  expect(ids(after(change))).toEqual(expected);
});

test("doses, sides, minutes and ramps change as told, and nothing else does", () => {
  expect(after({ kind: "dose-step", step: 1, sets: 2, amount: 12 }).steps[1]).toMatchObject({
    sets: 2,
    amount: 12,
  });
  expect(after({ kind: "minutes", minutes: 20 })).toEqual({ ...written, minutes: 20 });
  expect(after({ kind: "change-set", lift: 0, set: 1, to: { reps: 3 } }).ramps).toEqual([
    [set(20), { ...set(60), reps: 3 }],
    null,
  ]);
  expect(after({ kind: "replace-ramp", lift: 0, sets: [set(40)] }).ramps).toEqual([[set(40)], null]);
});

test("two halves of a drill become one on both sides, where the first stood", () => {
  const halves: WrittenWarmUp = {
    ...written,
    steps: [
      step("leg-swing-front", { side: "left" }),
      step("glute-bridge"),
      step("leg-swing-front", { side: "right" }),
    ],
  };
  const mended = applyRemedy(halves, {
    label: "",
    changes: [{ kind: "both-sides", drill: "leg-swing-front", block: 0 }],
  });
  expect(mended.steps.map((s) => [s.drill.id, s.side])).toEqual([
    ["leg-swing-front", "both"],
    ["glute-bridge", "both"],
  ]);
});

test("what was given is never changed", () => {
  const before = JSON.stringify(written);
  after({ kind: "drop-step", step: 0 }, { kind: "change-set", lift: 0, set: 0, to: { reps: 1 } });
  expect(JSON.stringify(written)).toBe(before);
});
