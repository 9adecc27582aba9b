import { shippedCatalog as catalog } from "@/catalog";
import { drillById } from "../catalog";
import { type DraftLift, RAMP_AS_USUAL, type WarmUpDraft } from "../draft";
import type { WrittenStep, WrittenWarmUp } from "../review";
import { weight } from "../units";
import { editForRemedy } from "./remedy-edit";
import type { Change } from "./types";

const drill = (id: string) => drillById(catalog, id)!;
const step = (id: string, block = 0): WrittenStep => ({
  drill: drill(id),
  block,
  sets: 1,
  amount: 8,
  side: "both",
});
const set = (kg: number) => ({ weight: weight(kg), reps: 5, restSeconds: 60 });
const written: WrittenWarmUp = {
  steps: [step("easy-row"), step("leg-swing-front"), step("glute-bridge"), step("bird-dog", 1)],
  ramps: [[set(20), set(60)], null],
  minutes: 15,
};
const lift: DraftLift = {
  lift: "back-squat",
  bar: null,
  weight: weight(100),
  reps: 5,
  sets: 3,
  rir: 1,
  backOffs: [],
  pairedWithNext: false,
  ...RAMP_AS_USUAL,
  done: [],
  secondsLeft: null,
};
const draft: WarmUpDraft = {
  lifts: [lift, { ...lift, lift: "bench-press" }],
  minutes: 15,
  approach: "temperature-first",
  room: "normal",
  own: [],
  circuits: [],
  tests: [],
  coolDown: false,
  dropped: [],
  taken: null,
  begun: null,
};
const edits = (changes: Change[], of: WarmUpDraft = draft, plan: WrittenWarmUp = written) => {
  const edit = editForRemedy({ label: "", changes }, plan, of);
  return edit && (edit as Extract<typeof edit, { kind: "several" }>).edits;
};

test.each<[string, Change, object]>([
  ["dropping a step", { kind: "drop-step", step: 1 }, { kind: "drop", drill: "leg-swing-front" }],
  [
    "adding one",
    { kind: "add-step", drill: drill("dead-bug"), block: 1, sets: 2, amount: 6, at: 3 },
    { kind: "pin", drill: "dead-bug", block: 1, dose: { sets: 2, amount: 6 } },
  ],
  [
    "swapping one",
    { kind: "swap-step", step: 3, drill: drill("dead-bug"), sets: 1, amount: 6 },
    { kind: "swap", drill: "bird-dog", block: 1, with: "dead-bug", dose: { sets: 1, amount: 6 } },
  ],
  [
    "dosing one",
    { kind: "dose-step", step: 2, sets: 2, amount: 12 },
    { kind: "pin", drill: "glute-bridge", block: 0, dose: { sets: 2, amount: 12 } },
  ],
  [
    "moving one forward",
    { kind: "move-step", step: 2, to: 1 },
    { kind: "pin", drill: "glute-bridge", block: 0, dose: { sets: 1, amount: 8 }, place: 1 },
  ],
  ["more minutes", { kind: "minutes", minutes: 18 }, { kind: "frame", change: { minutes: 18 } }],
  [
    "another weight",
    { kind: "change-set", lift: 0, set: 1, to: { weight: weight(50) } },
    { kind: "change-set", at: 0, set: 1, sets: 2, change: { weight: weight(50) } },
  ],
  [
    "other repetitions",
    { kind: "change-set", lift: 0, set: 0, to: { reps: 3 } },
    { kind: "change-set", at: 0, set: 0, sets: 2, change: { reps: 3 } },
  ],
  [
    "a rest",
    { kind: "change-set", lift: 0, set: 0, to: { restSeconds: 90 } },
    { kind: "change-set", at: 0, set: 0, sets: 2, change: { restSeconds: 90 } },
  ],
])("%s is one decision of the coach", (_, change, expected) => {
  expect(edits([change])).toEqual([expected]);
});

test.each<[string, Change]>([
  ["one side more than the other", { kind: "both-sides", drill: "bird-dog", block: 0 }],
  ["a ramp that is ours already", { kind: "replace-ramp", lift: 0, sets: [set(40)] }],
])("a plan made from a draft has no decision about %s", (_, change) => {
  expect(edits([change])).toBeNull();
});

test.each<[string, Partial<DraftLift>]>([
  ["its number of sets", { rampSets: 2 }],
  ["a weight", { fixed: { 1: { weight: weight(55) } } }],
])("a ramp of which the coach has set %s is let go of", (_, own) => {
  const byHand = { ...draft, lifts: [{ ...lift, ...own }, draft.lifts[1]!] };
  expect(edits([{ kind: "replace-ramp", lift: 0, sets: [set(40)] }], byHand)).toEqual([
    { kind: "reset-ramp", at: 0 },
  ]);
});

test("a remedy of which one change cannot be made is none", () => {
  const possible: Change = { kind: "drop-step", step: 0 };
  expect(edits([possible, { kind: "both-sides", drill: "bird-dog", block: 1 }])).toBeNull();
});

test("rounds of a drill are dropped once, and a place counts drills, not their rounds", () => {
  const rounds: WrittenWarmUp = {
    ...written,
    steps: [
      step("easy-row"),
      ...["glute-bridge", "dead-bug", "glute-bridge", "dead-bug", "bird-dog"].map((id) => step(id)),
    ],
  };
  const dropped: Change[] = [
    { kind: "drop-step", step: 1 },
    { kind: "drop-step", step: 3 },
  ];
  expect(edits(dropped, draft, rounds)).toEqual([{ kind: "drop", drill: "glute-bridge" }]);
  expect(edits([{ kind: "move-step", step: 5, to: 5 }], draft, rounds)).toMatchObject([{ place: 3 }]);
});
