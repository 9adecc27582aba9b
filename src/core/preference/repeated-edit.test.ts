import { type DrillEdits, repeatedEdit, SESSIONS_LOOKED_AT } from ".";

const none = () => false;
const edits = (over: Partial<DrillEdits> = {}): DrillEdits => ({
  ...{ lift: "back-squat", dropped: [], pinned: [] },
  ...over,
});
const dropped = (times: number, drill = "roll") =>
  Array.from({ length: times }, () => edits({ dropped: [drill] }));

test("what was taken out twice is not asked about, three times it is", () => {
  expect(repeatedEdit(dropped(2), none)).toBeNull();
  expect(repeatedEdit(dropped(3), none)).toEqual({
    drill: "roll",
    kind: "never",
    times: 3,
    lift: "back-squat",
  });
});

test("putting in is a preference of its own kind", () => {
  const pinned = Array.from({ length: 3 }, () => edits({ pinned: ["rock"] }));
  expect(repeatedEdit(pinned, none)).toMatchObject({ drill: "rock", kind: "favourite" });
  // In and out three times in all is neither.
  expect(repeatedEdit([...pinned.slice(1), ...dropped(1, "rock")], none)).toBeNull();
});

test("the lift is named where it was always the same", () => {
  const mixed = [...dropped(2), edits({ lift: "deadlift", dropped: ["roll"] })];
  expect(repeatedEdit(mixed, none)).toMatchObject({ times: 3, lift: null });
  expect(repeatedEdit([...mixed, ...dropped(1)], none)).toMatchObject({ lift: null });
});

test("the most frequent is asked about first, and each once", () => {
  const both = [...dropped(3, "a"), ...dropped(4, "b")];
  expect(repeatedEdit(both, none)!.drill).toBe("b");
  expect(repeatedEdit(both, (drill) => drill === "b")!.drill).toBe("a");
  expect(repeatedEdit(both, () => true)).toBeNull();
});

test("what is long past does not count", () => {
  const since = Array.from({ length: SESSIONS_LOOKED_AT - 2 }, () => edits());
  expect(repeatedEdit([...since, ...dropped(3)], none)).toBeNull();
});
