import { athleteWith, gymWith } from "@/__tests__/fixtures";
import { shippedCatalog as catalog } from "@/catalog";
import { applyEdit, type WarmUpDraft, type WarmUpEdit } from "../draft";
import { findingsOf, isSameFinding } from "../review";
import { draftInSession, NOTHING_SAID, type Session, USUAL_RACKS } from "../session";
import { weight } from "../units";
import { type OneOfGroup, planTogether } from "./plan-together";
import { triedRemedies } from "./tried-remedies";

const gym = gymWith([25, 20, 10, 5, 2.5], ["stick", "band-light"]);
const session: Session = {
  ...{ id: "s", name: "Evening", day: "2026-02-02", time: "18:30", gymId: gym.id, groupId: null },
  lifts: [{ lift: "back-squat", scheme: null, pairedWithNext: false }],
  ...{ minutes: 20, approach: "temperature-first", room: "normal", together: true },
  ...{ ...NOTHING_SAID, racks: USUAL_RACKS, participants: [] },
};
const known = { lift: "back-squat", weight: weight(100), reps: 5, sets: 3, rir: 2, day: "2026-01-05" };
const people = ["ilse", "mei", "soraya"].map((id) =>
  athleteWith({
    ...{ id, name: id, workingWeights: [known] },
    areas: id === "mei" ? [{ area: "knee", level: "avoid" }] : [],
  }),
);
const against = catalog.drills.find((d) => d.avoid.includes("knee") && d.phases[0] === "mobilise")!;

/** Mei's draft with a drill that is against her knee, in the group. */
function meiWith(change: Partial<WarmUpDraft>): { draft: WarmUpDraft; group: OneOfGroup } {
  const here = people.map((athlete) => {
    const draft = draftInSession(session, athlete, gym, catalog);
    return { athlete, draft: athlete.id === "mei" ? { ...draft, ...change } : draft };
  });
  return { draft: here[1]!.draft, group: { session, here, athleteId: "mei", gym } };
}

const pins = (edit: WarmUpEdit): string[] =>
  edit.kind === "several" ? edit.edits.flatMap(pins) : edit.kind === "pin" ? [edit.drill] : [];

test("what all do is known, and is not what one does alone", () => {
  const { group } = meiWith({});
  const { look, shared } = planTogether(group, catalog);
  expect(shared.size).toBeGreaterThan(2);
  const { written } = look(group.here[1]!.draft);
  for (const { drill } of written.steps.filter((s) => shared.has(s.drill.id)))
    expect(drill.avoid).not.toContain("knee");
});

test("a finding about one's own is mended in the group's plan, and what all do is left as it is", () => {
  const { draft, group } = meiWith({ own: [{ drill: against.id }] });
  const { look, shared } = planTogether(group, catalog);
  const { written, context } = look(draft);
  const found = findingsOf(written, context).filter((f) => f.message.includes(against.name));
  expect(found.length).toBeGreaterThan(0);
  let offered = 0;
  for (const { finding, options } of triedRemedies(draft, look, shared)) {
    for (const { edit } of options) {
      offered += 1;
      expect(pins(edit).filter((drill) => shared.has(drill))).toEqual([]);
      const after = look(applyEdit(draft, edit));
      expect(findingsOf(after.written, after.context).some((f) => isSameFinding(f, finding))).toBe(false);
    }
  }
  expect(offered).toBeGreaterThan(0);
});

test("a drill that all do is not held against one whom it serves nothing", () => {
  const { draft, group } = meiWith({
    lifts: [
      { ...draftInSession(session, people[1]!, gym, catalog).lifts[0]!, lift: "bench-press", weight: null },
    ],
  });
  const { look, shared } = planTogether(group, catalog);
  const { written, context } = look(draft);
  const useless = findingsOf(written, context).flatMap((f) =>
    f.code === "serves-nothing" && f.place.kind === "step" ? [written.steps[f.place.step]!.drill.id] : [],
  );
  expect(useless.filter((drill) => shared.has(drill))).toEqual([]);
  // Alone it would be: a squat's ankles do nothing for a bench press.
  const alone = { ...context, request: { ...context.request, together: undefined } };
  expect(findingsOf(written, alone).map((f) => f.code)).toContain("serves-nothing");
});

test("the minutes are the session's: no remedy changes them for one", () => {
  const { draft, group } = meiWith({ own: [{ drill: against.id }, { drill: "hip-flexor-stretch" }] });
  const { look, shared } = planTogether(group, catalog);
  const edits = [...triedRemedies(draft, look, shared)].flatMap((t) => t.options.map((o) => o.edit));
  expect(JSON.stringify(edits)).not.toContain('"minutes"');
});
