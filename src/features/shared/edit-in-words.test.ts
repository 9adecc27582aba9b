import { shippedCatalog as catalog } from "@/catalog";
import { editInWords } from "./edit-in-words";

test.each([
  [{ kind: "drop", drill: "front-plank" }, "Front plank dropped."],
  [{ kind: "pin", drill: "front-plank" }, "Front plank pinned."],
  [{ kind: "reset-drill", drill: "front-plank" }, "Front plank: as planned again."],
  [{ kind: "swap", drill: "front-plank", with: "dead-bug" }, "Front plank swapped for Dead bug."],
  [{ kind: "remove-lift", at: 1 }, "Lift 2 removed."],
  [{ kind: "move-lift", at: 0, to: 1 }, "Lift 1 is number 2 now."],
  [{ kind: "add-participants", athleteIds: ["a", "b"] }, "2 athletes added."],
  [{ kind: "remove-participant", athleteId: "a" }, "Athlete removed."],
  [{ kind: "remove-sub-group", of: 0 }, "Sub-group removed."],
  [{ kind: "drop", drill: "gone-drill" }, "gone-drill dropped."],
] as const)("%j is said as %s", (edit, words) => {
  expect(editInWords(edit, catalog)).toBe(words);
});

test("what its field says is not said again", () => {
  expect(editInWords({ kind: "frame", change: { minutes: 20 } }, catalog)).toBeNull();
});
