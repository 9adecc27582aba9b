import fc from "fast-check";
import { athleteWith, gymWith } from "@/__tests__/fixtures";
import { shippedCatalog as catalog } from "@/catalog";
import { cases } from "@/lib/__tests__/cases";
import { weight } from "../units";
import {
  applySessionEdit,
  draftInSession,
  liftsFor,
  NOTHING_SAID,
  type Session,
  type SessionEdit,
  USUAL_RACKS,
  weightMoves,
} from ".";

const gym = gymWith([25, 20, 10, 5, 2.5], ["stick"]);
const lift = (id: string) => ({ lift: id, scheme: null, pairedWithNext: false });
const session: Session = {
  ...{ id: "s", name: "Evening", day: "2026-02-02", time: null, gymId: gym.id, groupId: null },
  lifts: [lift("back-squat")],
  ...{ minutes: 18, approach: "temperature-first", room: "normal", together: true },
  ...NOTHING_SAID,
  racks: USUAL_RACKS,
  participants: ["a", "b", "c"].map((athleteId) => ({ athleteId, absent: false })),
};
const after = (...edits: SessionEdit[]) => edits.reduce(applySessionEdit, session);
const split: SessionEdit = { kind: "add-sub-group", name: "New", athleteIds: ["b", "c"] };

test("a sub-group begins with the lifts for everybody, and has its own from then on", () => {
  const changed = after(
    split,
    { kind: "change-lift", at: 0, of: 0, change: { lift: "front-squat" } },
    { kind: "add-lift", lift: lift("deadlift"), of: 0 },
    { kind: "move-lift", at: 1, to: 0, of: 0 },
    { kind: "add-lift", lift: lift("bench-press") },
  );
  const ids = (of: string) => liftsFor(changed, of).map((l) => l.lift);
  expect(ids("a")).toEqual(["back-squat", "bench-press"]);
  expect(ids("b")).toEqual(["deadlift", "front-squat"]);
  const given = draftInSession(changed, athleteWith({ id: "c" }), gym, catalog);
  expect(given.lifts.map((l) => l.lift)).toEqual(["deadlift", "front-squat"]);
});

test("nobody is in two, and who leaves the session leaves the sub-group", () => {
  const two = after(split, { kind: "add-sub-group", name: "Old", athleteIds: ["c"] });
  expect(two.subGroups.map((g) => g.athleteIds)).toEqual([["b"], ["c"]]);
  const back = applySessionEdit(two, { kind: "change-sub-group", of: 0, change: { athleteIds: ["c", "b"] } });
  expect(back.subGroups.map((g) => g.athleteIds)).toEqual([["c", "b"], []]);
  const gone = applySessionEdit(back, { kind: "remove-participant", athleteId: "b" });
  expect(gone.subGroups[0]!.athleteIds).toEqual(["c"]);
  const none = applySessionEdit(gone, { kind: "remove-sub-group", of: 0 });
  expect(liftsFor(none, "c")).toBe(session.lifts);
  expect(after(...Array.from({ length: 12 }, () => split)).subGroups).toHaveLength(8);
});

test("an edit says beforehand whose working sets it moves, and from what to what", () => {
  const strong = athleteWith({
    ...{ id: "a", name: "Ada" },
    workingWeights: [
      { lift: "back-squat", weight: weight(100), reps: 5, sets: 3, rir: 0, day: "2026-01-05" },
    ],
  });
  const unknown = athleteWith({ id: "b", name: "Bo", workingWeights: [] });
  const people = [strong, unknown].map((athlete) => {
    const given = draftInSession(session, athlete, gym, catalog);
    return { athlete, given, draft: given };
  });
  const scheme = { sets: 3, reps: 5, load: { kind: "reserve", rir: 2 } } as const;
  const moves = weightMoves(
    session,
    people,
    { kind: "change-lift", at: 0, change: { scheme } },
    gym,
    catalog,
  );
  // 100 for 5 is a maximum of 116.7 by Epley: for 5 with 2 in reserve that is 94.6.
  expect(moves[0]).toEqual({ name: "Ada", lift: "back-squat", from: weight(100), to: weight(90) });
  expect(weightMoves(session, people, { kind: "frame", change: { name: "X" } }, gym, catalog)).toEqual([]);
});

test("whatever is changed, nobody is in two sub-groups, and each has a lift", () => {
  const person = fc.constantFrom("a", "b", "c");
  const people = fc.uniqueArray(person);
  const of = fc.option(fc.integer({ min: 0, max: 3 }), { nil: undefined });
  const at = fc.integer({ min: 0, max: 3 });
  const edit: fc.Arbitrary<SessionEdit> = fc.oneof(
    people.map((athleteIds): SessionEdit => ({ kind: "add-sub-group", name: "New", athleteIds })),
    fc.tuple(at, people).map(
      ([i, athleteIds]): SessionEdit => ({
        ...{ kind: "change-sub-group", of: i },
        change: { athleteIds },
      }),
    ),
    at.map((i): SessionEdit => ({ kind: "remove-sub-group", of: i })),
    of.map((i): SessionEdit => ({ kind: "add-lift", lift: lift("deadlift"), of: i })),
    fc.tuple(at, of).map(([i, g]): SessionEdit => ({ kind: "remove-lift", at: i, of: g })),
    fc.tuple(at, at, of).map(([i, to, g]): SessionEdit => ({ kind: "move-lift", at: i, to, of: g })),
    person.map((athleteId): SessionEdit => ({ kind: "remove-participant", athleteId })),
  );
  fc.assert(
    fc.property(fc.array(edit, { maxLength: 20 }), (edits) => {
      const { subGroups, lifts } = after(...edits);
      const all = subGroups.flatMap((g) => g.athleteIds);
      expect(all).toHaveLength(new Set(all).size);
      for (const part of [lifts, ...subGroups.map((g) => g.lifts)]) {
        expect(part.length).toBeGreaterThan(0);
        expect(part.at(-1)!.pairedWithNext).toBe(false);
      }
    }),
    cases(200),
  );
});
