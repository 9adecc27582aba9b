import { athleteWith, gymWith } from "@/__tests__/fixtures";
import { shippedCatalog as catalog, catalogWith } from "@/catalog";
import { mergeWishes, sharedWishes } from "../athlete";
import { NO_CUSTOM_CONTENT } from "../catalog";
import { startDraft } from "../draft";
import { planGroup } from "../group";
import { planWarmUp } from "../plan";
import { weight } from "../units";
import {
  draftInSession,
  groupRequestFor,
  NOTHING_SAID,
  requestInSession,
  type Session,
  USUAL_RACKS,
} from ".";

const gym = gymWith([25, 20, 10, 5, 2.5], ["stick", "band-light"]);
const squat = { lift: "back-squat", weight: weight(100), reps: 5, sets: 3, rir: 2, day: "2026-01-05" };
const athlete = athleteWith({ workingWeights: [squat] });
const session: Session = {
  ...{ id: "s", name: "Evening", day: "2026-02-02", time: null, gymId: gym.id, groupId: null },
  lifts: [{ lift: "back-squat", scheme: null, pairedWithNext: false }],
  ...{ minutes: 18, approach: "temperature-first", room: "normal", together: true },
  ...NOTHING_SAID,
  racks: USUAL_RACKS,
  participants: [],
};
const only = (favourites: string[], never: string[] = []) => ({ favourites, never });

function drillsOf(who: typeof athlete, at = gym): string[] {
  const draft = startDraft(who, at, catalog, { lifts: ["back-squat"], minutes: 18 });
  return planWarmUp(requestInSession(session, { athlete: who, draft }, at, catalog, null)).steps.map(
    (s) => s.drill.id,
  );
}

test("the narrower wish counts, and what all wish is what each of them does", () => {
  expect(mergeWishes(only(["a"], ["b"]), undefined, only(["b"], ["a"]))).toEqual(only(["b"], ["a"]));
  expect(sharedWishes([only(["a", "b"], ["c"]), only(["b"], ["c", "d"])])).toEqual(only(["b"], ["c"]));
  expect(sharedWishes([])).toEqual(only([]));
});

test("a drill that is never used is not chosen, for the gym or for the athlete, unless the coach puts it in", () => {
  const usual = drillsOf(athlete);
  const [first, second] = usual;
  const changed = drillsOf(
    { ...athlete, wishes: only([], [first!]) },
    { ...gym, wishes: only([], [second!]) },
  );
  expect(changed).not.toContain(first);
  expect(changed).not.toContain(second);
  expect(changed.length).toBeGreaterThan(2);
  const draft = startDraft(athlete, gym, catalog, { lifts: ["back-squat"], minutes: 18 });
  const pinned = { ...draft, own: [{ drill: first! }] };
  const banned = { ...athlete, wishes: only([], [first!]) };
  const plan = planWarmUp(requestInSession(session, { athlete: banned, draft: pinned }, gym, catalog, null));
  expect(plan.steps.map((s) => s.drill.id)).toContain(first);
});

test("a favourite is taken before one of about the same use", () => {
  const usual = drillsOf(athlete);
  const isMobility = (d: (typeof catalog.drills)[number]) =>
    d.phases[0] === "mobilise" && d.equipment.length === 0;
  const liked = catalog.drills.filter((d) => isMobility(d) && !usual.includes(d.id)).map((d) => d.id);
  const taken = liked.filter((id) => drillsOf({ ...athlete, wishes: only([id]) }).includes(id));
  expect(taken.length).toBeGreaterThan(0);
  expect(drillsOf(athlete)).toEqual(usual);
});

describe("in a group", () => {
  const people = (never: readonly string[][]) =>
    never.map((drills, i) => {
      const who = athleteWith({
        ...{ id: `a${i}`, name: `A${i}`, workingWeights: [squat] },
        wishes: only([], drills),
      });
      return { athlete: who, draft: draftInSession(session, who, gym, catalog) };
    });
  const planOf = (never: readonly string[][], of = session) => {
    const members = people(never);
    return { members, plan: planGroup(groupRequestFor(of, members, gym, catalog)!) };
  };
  const [first] = planOf([[], [], [], []]).plan.shared.map((s) => s.drill);

  test("one who never does a drill does something else meanwhile", () => {
    const { plan } = planOf([[first!], [], [], []]);
    const kept = plan.shared.find((s) => s.drill === first)!;
    expect(kept.substitutes.map((s) => s.member)).toEqual(["a0"]);
    expect(kept.substitutes[0]!.drill).not.toBe(first);
  });

  test("what nobody ever does is not in it, unless the coach puts it in for all", () => {
    const never = [[first!], [first!], [first!]];
    expect(planOf(never).plan.shared.map((s) => s.drill)).not.toContain(first);
    const pinned = { ...session, own: [{ drill: first! }] };
    const { members, plan } = planOf(never, pinned);
    const kept = plan.shared.find((s) => s.drill === first)!;
    expect(kept.substitutes).toEqual([]);
    // And in the warm-up of each of them.
    for (const member of members) {
      const part = plan.members.find((m) => m.id === member.athlete.id)!;
      const own = planWarmUp(requestInSession(pinned, member, gym, catalog, part));
      expect(own.steps.map((s) => s.drill.id)).toContain(first);
    }
  });
});

test("what is wished before a lift counts there and nowhere else, under what the athlete wishes", () => {
  const [first] = drillsOf(athlete);
  const wished = (lift: string) =>
    catalogWith({ ...NO_CUSTOM_CONTENT, liftWishes: { [lift]: only([], [first!]) } });
  const chosen = (of: typeof catalog, who = athlete) => {
    const draft = startDraft(who, gym, of, { lifts: ["back-squat"], minutes: 18 });
    return planWarmUp(requestInSession(session, { athlete: who, draft }, gym, of, null)).steps.map(
      (s) => s.drill.id,
    );
  };
  expect(chosen(wished("back-squat"))).not.toContain(first);
  expect(chosen(wished("bench-press"))).toEqual(drillsOf(athlete));
  const likes = { ...athlete, wishes: only([first!]) };
  expect(chosen(wished("back-squat"), likes)).toContain(first);
});
