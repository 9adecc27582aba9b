import { athleteWith, gymWith, rampRequest } from "@/__tests__/fixtures";
import { shippedCatalog as catalog, catalogWith } from "@/catalog";
import { type CustomContent, type Drill, NO_CUSTOM_CONTENT } from "@/core/catalog";
import { applyEdit, planRequestFor, startDraft, type WarmUpDraft } from "@/core/draft";
import { planExactly } from "@/core/plan";
import { lifterOf } from "@/core/rack";
import { planRamp } from "@/core/ramp";
import { draftInSession, type Session, USUAL_RACKS } from "@/core/session";
import { weight } from "@/core/units";
import { planQuestion } from "@/features/session-editor/plan-question";
import { drain } from "@/lib/drain";
import type { ExactPlanAnswer, ExactPlanQuestion } from "./exact-plan";
import type { GroupPlanAnswer, GroupPlanQuestion } from "./group-plan";
import type { RackAnswer, RackQuestion } from "./rack-orders";
import type { RemediesAnswer, RemediesQuestion } from "./remedies";

/** Loads a worker as a thread would and asks it; every answer it gives. */
function ask<Q, A>(name: string, question: Q, custom: CustomContent = NO_CUSTOM_CONTENT): A[] {
  const answers: A[] = [];
  const thread = {
    onmessage: null as ((event: { data: unknown }) => void) | null,
    postMessage: (answer: A) => answers.push(answer),
    close: () => {},
  };
  const globals = globalThis as unknown as { self: unknown };
  const before = globals.self;
  globals.self = thread;
  try {
    jest.isolateModules(() => require(`./${name}`));
    // What a browser hands over is a copy.
    thread.onmessage!({ data: structuredClone({ custom, question }) });
  } finally {
    globals.self = before;
  }
  return answers;
}

const gym = gymWith([25, 20, 10, 5, 2.5], ["stick", "band-light"]);
const athlete = athleteWith({
  workingWeights: [{ lift: "back-squat", weight: weight(100), reps: 5, sets: 3, rir: 2, day: "2026-01-05" }],
});
const draft: WarmUpDraft = startDraft(athlete, gym, catalog);
const bridge = catalog.drills.find((d) => d.id === "glute-bridge")!;
/** A drill that only this gym has. */
const own: Drill = { ...bridge, id: "own-bridge", name: "Bridge off the bench" };
const hall: CustomContent = { ...NO_CUSTOM_CONTENT, drills: [own] };
const wanted = applyEdit(draft, { kind: "pin", drill: own.id, block: 0 });

describe("the exact plan", () => {
  const asked = (of: WarmUpDraft, with_?: CustomContent) =>
    ask<ExactPlanQuestion, ExactPlanAnswer>("exact-plan", { draft: of, athlete, gym }, with_);

  test("tells how far it is, and last the choice that was proven", () => {
    const answers = asked(draft);
    const last = answers.at(-1)!;
    if (last.kind !== "done") throw new Error("not done");
    const { blocks } = drain(planExactly(planRequestFor(draft, athlete, gym, catalog)));
    expect(last.objective).toBeCloseTo(blocks[0].choice.objective, 6);
    expect(last.drills.length).toBeGreaterThan(3);
    for (const answer of answers.slice(0, -1))
      expect(answer).toMatchObject({ kind: "progress", bound: expect.any(Number) });
  });

  test("knows what is the gym's own", () => {
    const last = asked(wanted, hall).at(-1)!;
    expect(last.kind === "done" && last.drills.map((d) => d.drill)).toContain("own-bridge");
    const without = asked(wanted).at(-1)!;
    expect(without.kind === "done" && without.drills.map((d) => d.drill)).not.toContain("own-bridge");
  });
});

describe("the plan of a group", () => {
  const session: Session = {
    ...{ id: "s", name: "Evening", day: "2026-02-02", time: "18:30", gymId: gym.id, groupId: null },
    lifts: [{ lift: "back-squat", scheme: null, pairedWithNext: false }],
    subGroups: [],
    ...{ minutes: 18, approach: "temperature-first", room: "normal" as const, together: true },
    ...{
      own: [{ drill: own.id }],
      circuits: [],
      dropped: [],
      tests: [],
      coolDown: false,
      racks: USUAL_RACKS,
      participants: [],
    },
  };
  const members = ["Ilse", "Mei", "Soraya"].map((name) => {
    const who = { ...athlete, id: name.toLowerCase(), name };
    return { athlete: who, draft: draftInSession(session, who, gym, catalog) };
  });
  const asked = (of: Session, here = members) => {
    const question = planQuestion(of, here, gym, catalogWith(hall));
    const answers = question && ask<GroupPlanQuestion, GroupPlanAnswer>("group-plan", question, hall);
    return answers?.at(-1);
  };

  test("together it has the gym's own drill that the coach wants for all", () => {
    const last = asked(session)!;
    if (last.kind !== "done") throw new Error("not done");
    expect(last.plan.members.map((m) => m.name)).toEqual(["Ilse", "Mei", "Soraya"]);
    expect(last.plan.shared.map((s) => s.name)).toContain("Bridge off the bench");
  });

  test("what is never used in the gym is not in it", () => {
    const usual = asked(session)!;
    if (usual.kind !== "done") throw new Error("not done");
    const [first] = usual.plan.shared.filter((s) => s.drill !== own.id);
    const strict = { ...gym, wishes: { favourites: [], never: [first!.drill] } };
    const question = planQuestion(session, members, strict, catalogWith(hall));
    const last = ask<GroupPlanQuestion, GroupPlanAnswer>("group-plan", question!, hall).at(-1)!;
    if (last.kind !== "done") throw new Error("not done");
    expect(last.plan.shared.map((s) => s.drill)).not.toContain(first!.drill);
    expect(last.plan.shared.length).toBeGreaterThan(2);
  });

  test("each alone it shares nothing", () => {
    const alone = { ...session, together: false };
    const here = members.map((m) => ({ ...m, draft: draftInSession(alone, m.athlete, gym, catalog) }));
    const last = asked(alone, here)!;
    if (last.kind !== "done") throw new Error("not done");
    expect(last.plan.shared).toEqual([]);
    for (const m of last.plan.members) expect(m.steps.map((s) => s.drill)).toContain("own-bridge");
  });

  test("one cannot be together with others, and nobody has no plan", () => {
    expect(asked(session, members.slice(0, 1))).toBeUndefined();
    expect(asked({ ...session, together: false }, [])).toBeUndefined();
  });
});

test("the remedies of a plan come finding by finding, each with a change that can be made", () => {
  const short = { ...draft, minutes: 4 };
  const answers = ask<RemediesQuestion, RemediesAnswer>("remedies", {
    ...{ kind: "alone", draft: short, athlete, gym },
  });
  expect(answers.length).toBeGreaterThan(0);
  const options = answers.flatMap((a) => a.options);
  expect(options.length).toBeGreaterThan(0);
  for (const { label, edit } of options) {
    expect(label).not.toBe("");
    expect(applyEdit(short, edit)).not.toEqual(short);
  }
});

test("the racks are ordered at once, and then once more with what is proven", () => {
  const lifters = [100, 80, 60, 120].map((kg) => lifterOf(`${kg} kg`, "rack", planRamp(rampRequest(kg, 5))));
  const ids = lifters.map((l) => l.name);
  const question: RackQuestion = { lifters, ids, racks: 2, secondsPerMove: 10 };
  const answers = ask<RackQuestion, RackAnswer>("rack-orders", question);
  expect(answers).toHaveLength(2);
  expect(answers[1]!.every((o) => o.isProven)).toBe(true);
  for (const orders of answers) {
    expect(orders).toHaveLength(2);
    const sets = orders.reduce((sum, o) => sum + o.best.turns.length, 0);
    expect(sets).toBe(lifters.reduce((sum, l) => sum + l.sets.length, 0));
  }
});
