import { withTemporaryDatabase } from "../__tests__/database";
import { backSquat as lift, planOfSquat as plan, post, refusal } from "../__tests__/requests";
import { groupPlanResponseSchema, planResponseSchema } from "../schemas/responses";
import { catalogResponse } from "./catalog";
import { planResponse } from "./plan";

withTemporaryDatabase();

describe("POST /api/plan", () => {
  test("gives steps, ramps, coverage and findings", async () => {
    const response = await post(planResponse, plan);
    expect(response.status).toBe(200);
    const body = await response.json();
    expect(body.steps.length).toBeGreaterThan(3);
    expect(body.seconds).toBeLessThanOrEqual(15 * 60);
    expect(body.steps[0]).toMatchObject({
      drill: expect.any(String),
      phase: "raise",
      startsAt: 0,
      dose: { kind: expect.any(String), sets: expect.any(Number), amount: expect.any(Number) },
    });
    expect(body.ramps[0].working.weight).toBe(100);
    expect(body.coverage[0]).toEqual({
      demand: expect.any(String),
      asked: expect.any(Number),
      served: expect.any(Number),
    });
  });

  test("takes what is said of one lift for that lift's ramp", async () => {
    const sets = async (change: object) => {
      const body = await (await post(planResponse, { ...plan, lifts: [{ ...lift, ...change }] })).json();
      return body.ramps[0].sets.length;
    };
    const usual = await sets({});
    expect(await sets({ room: "cold" })).toBe(usual + 1);
    expect(await sets({ athlete: { slowToWarm: 2 } })).toBe(usual + 2);
    expect(await sets({ rampSets: 2 })).toBe(2);
    const light = { working: { weight: 40, reps: 5, sets: 3 } };
    expect(await sets({ ...light, athlete: { experience: "beginner" } })).toBe((await sets(light)) - 1);
  });

  test("keeps to the equipment that is given", async () => {
    const { drills } = await (await catalogResponse()).json();
    const body = await (await post(planResponse, { ...plan, equipment: [] })).json();
    for (const step of body.steps) {
      const drill = drills.find((d: { id: string }) => d.id === step.drill);
      expect(drill.equipment).toEqual([]);
    }
  });

  test("too little time still gives a plan, and says what was left out", async () => {
    const body = await (await post(planResponse, { ...plan, minutes: 2 })).json();
    expect(body.steps).toEqual([]);
    expect(body.findings.map((f: { code: string }) => f.code)).toEqual(
      expect.arrayContaining(["ramp-over-time", "unserved-time"]),
    );
  });

  test.each([
    ["no lifts", { lifts: [] }, "lifts"],
    ["a lift without plates", { lifts: [{ ...lift, plates: [] }] }, "lifts.0.plates"],
    ["61 minutes", { minutes: 61 }, "minutes"],
    ["an unknown limiter", { athlete: { ...plan.athlete, limiters: ["luck"] } }, "athlete.limiters.0"],
    [
      "an unknown area",
      { athlete: { ...plan.athlete, areas: [{ area: "tail", level: "sore" }] } },
      "athlete.areas.0.area",
    ],
    ["an unknown approach", { approach: "none" }, "approach"],
    ["unknown equipment", { equipment: ["jetpack"] }, "equipment.0"],
    ["an unknown field", { mood: "good" }, "mood"],
  ])("%s is refused by name", async (_, change, path) => {
    const { status, errors } = await refusal(planResponse, { ...plan, ...change });
    expect(status).toBe(400);
    expect(errors.map((e: { path: string }) => e.path)).toContain(path);
  });

  test("a lift whose weight cannot be loaded is named by its place", async () => {
    const lifts = [lift, { ...lift, lift: "deadlift", working: { ...lift.working, weight: 101 } }];
    const answer = await refusal(planResponse, { ...plan, lifts });
    expect(answer).toMatchObject({ status: 422, nearest: { lower: 100, upper: 102.5 } });
    expect(answer.errors[0].path).toBe("lifts.1.working.weight");
  });
});

describe("POST /api/plan, grown", () => {
  const ask = async (change: object) => {
    const response = await post(planResponse, { ...plan, ...change });
    const body = await response.json();
    expect({ status: response.status, errors: body.errors }).toEqual({ status: 200, errors: undefined });
    return body;
  };

  test("answers as its schema says", async () => {
    planResponseSchema.parse(await ask({ minutes: 7 }));
    const group = [{ name: "A" }, { name: "B", limiters: ["neck"], working: [null] }];
    groupPlanResponseSchema.parse(await ask({ athlete: undefined, group }));
  });

  test("takes pins, drops and rooms, and says what was given up and considered", async () => {
    const pins = [{ drill: "ninety-ninety", dose: { sets: 1, amount: 6 }, place: 0 }];
    const first = await ask({});
    const dropped = [first.steps.at(-1).drill];
    const body = await ask({ pins, dropped, minutes: 11 });
    expect(body.steps[0]).toMatchObject({ drill: "ninety-ninety", pinned: true, dose: { amount: 6 } });
    expect(body.steps.map((s: { drill: string }) => s.drill)).not.toContain(dropped[0]);
    expect(body.givenUp.length).toBeGreaterThan(0);
    expect(first.steps[2].considered.length).toBeGreaterThan(1);
    const bare = { ...plan, approach: "bar-first", minutes: 20 };
    const raised = (b: { steps: { phase: string }[] }) => b.steps.some((s) => s.phase === "raise");
    expect(raised(await ask(bare))).toBe(false);
    expect(raised(await ask({ ...bare, room: "cold" }))).toBe(true);
  });

  test("decides conditions by what is known, for one and for each of a group", async () => {
    const by = { reached: "60 s clean", next: "plank-slides" };
    const known = { experience: "advanced", reached: [{ drill: "front-plank", sign: "60 S clean" }] };
    const drills = async (condition: object, athlete: object) => {
      const asked = { minutes: 25, athlete, pins: [{ drill: "front-plank", condition }] };
      return planResponseSchema.parse(await ask(asked)).steps;
    };
    const plain = (await drills(by, {})).find((s) => s.drill === "front-plank");
    expect(plain).toMatchObject({ condition: by, insteadOf: null });
    for (const condition of [by, { experience: "advanced", next: "plank-slides" }]) {
      const steps = await drills(condition, known);
      expect(steps.map((s) => s.drill)).not.toContain("front-plank");
      const next = steps.find((s) => s.drill === "plank-slides");
      expect(next).toMatchObject({ pinned: true, condition: null, insteadOf: { drill: "front-plank" } });
    }
    const group = [{ name: "A", ...known }, { name: "B" }, { name: "C" }, { name: "D" }];
    const pins = [{ drill: "front-plank", condition: by }];
    const tests = [{ drill: "wall-slide", seconds: 15, looksFor: "ribs", at: [{ kind: "last" }] }];
    const answer = await ask({ minutes: 25, athlete: undefined, group, pins, tests });
    const plan = groupPlanResponseSchema.parse(answer);
    expect(plan.shared.find((s) => s.drill === "front-plank")).toMatchObject({
      condition: by,
      substitutes: [{ member: "0", drill: "plank-slides" }],
    });
    for (const m of plan.members) expect(m.tests).toMatchObject([{ drill: "wall-slide", seconds: 15 }]);
  });

  test.each([
    ["both", { reached: "x", experience: "advanced", next: "dead-bug" }],
    ["neither", { next: "dead-bug" }],
  ])("refuses a condition that says %s", async (_, condition) => {
    const answer = await refusal(planResponse, { ...plan, pins: [{ drill: "front-plank", condition }] });
    expect(answer).toMatchObject({ status: 400, errors: [{ path: "pins.0.condition.reached" }] });
  });

  test("has the sequence again as a cool-down where that is asked for", async () => {
    const asked = { minutes: 20 };
    expect(planResponseSchema.parse(await ask(asked)).coolDown).toBeNull();
    const { coolDown, steps, blocks } = planResponseSchema.parse(await ask({ ...asked, coolDown: true }));
    expect(coolDown!.startsAt).toBe(blocks.at(-1)!.endsAt);
    for (const { drill } of coolDown!.drills) expect(steps.map((s) => s.drill)).toContain(drill);
  });

  test("takes formats, circuits, tests and what is offered, and answers with them and their seconds", async () => {
    const interval = { kind: "interval", on: 30, off: 15, times: 4 };
    const variants = {
      kind: "variants",
      by: "line",
      ways: ["level", "diagonal up", "diagonal down"],
      amount: 8,
    };
    const pieces = { kind: "pieces", seconds: 120, pieces: ["one thigh", "the other", "both"] };
    const surges = { kind: "surges", seconds: 240, surges: 3, on: 15, off: 45 };
    const condition = { reached: "60 s clean", next: "plank-slides" };
    const asked = {
      ...{
        minutes: 40,
        tests: [{ drill: "stick-overhead-squat", seconds: 20, looksFor: "", at: [{ kind: "first" }] }],
      },
      pins: [
        { drill: "easy-bike", dose: { format: surges, until: "short-sentences" } },
        { drill: "band-pull-apart", dose: { format: variants } },
        { drill: "deep-squat-hold", dose: { format: pieces } },
        { drill: "body-weight-squat", dose: { format: interval } },
        { drill: "front-plank", anyOf: ["dead-bug"], condition },
      ],
      circuits: [{ drills: ["glute-bridge", "bird-dog"], rounds: 3, restInside: 10, restBetween: 20 }],
    };
    const body = planResponseSchema.parse(await ask(asked));
    const of = (drill: string) => body.steps.filter((s) => s.drill === drill);
    expect(of("easy-bike")[0]).toMatchObject({ dose: { format: surges, until: "short-sentences" } });
    expect(of("band-pull-apart")[0]?.dose.format).toEqual(variants);
    expect(of("deep-squat-hold")[0]).toMatchObject({ dose: { format: pieces }, seconds: 120 + 2 * 10 });
    expect(of("body-weight-squat")[0]).toMatchObject({
      dose: { format: interval },
      seconds: 4 * 30 + 3 * 15,
    });
    expect(of("front-plank")[0]).toMatchObject({ anyOf: ["dead-bug"], condition });
    const round = { rounds: 3, circuit: { by: "coach", restInside: 10, restBetween: 20 } };
    expect(of("glute-bridge")).toHaveLength(3);
    for (const step of of("bird-dog")) expect(step).toMatchObject(round);
    expect(body.tests).toMatchObject([
      { drill: "stick-overhead-squat", seconds: 20, startsAt: 0, after: null },
    ]);
  });

  test.each([
    [
      "an interval longer than the minutes",
      { format: { kind: "interval", on: 60, off: 60, times: 20 } },
      "times",
    ],
    ["a surge too many", { format: { kind: "surges", seconds: 60, surges: 5, on: 15, off: 45 } }, "surges"],
    ["one way alone", { format: { kind: "variants", by: "tempo", ways: ["slow-slow"], amount: 5 } }, "ways"],
    ["no amount", { sets: 2 }, "amount"],
  ])("refuses %s and names the field", async (_, dose, field) => {
    const response = await post(planResponse, { ...plan, pins: [{ drill: "body-weight-squat", dose }] });
    expect(response.status).toBe(400);
    const { errors } = await response.json();
    expect(errors[0].path).toMatch(new RegExp(`^pins\\.0\\.dose.*${field}$`));
  });

  test.each([
    ["a superset of one", { drills: ["face-pull"], rounds: 2 }, "circuits.0.drills"],
    ["no rounds", { drills: ["face-pull", "bird-dog"], rounds: 0 }, "circuits.0.rounds"],
    ["a drill twice", { drills: ["face-pull", "face-pull"], rounds: 2 }, "circuits.0.drills.1"],
  ])("refuses %s and names the field", async (_, circuit, path) => {
    const response = await post(planResponse, { ...plan, circuits: [circuit] });
    expect(await response.json()).toMatchObject({ errors: [{ path }] });
  });

  test("the exact plan has no gap and fits the time", async () => {
    const exact = await ask({ exact: true });
    expect(exact.gap).toBeCloseTo(0, 9);
    expect(exact.seconds).toBeLessThanOrEqual(15 * 60);
  });

  test("plans later lifts, pairs, back-offs, blocks of work and drills alone", async () => {
    const lifts = [
      { ...lift, backOffs: [{ weight: 80, reps: 8, sets: 2 }] },
      { lift: "pull-up", pairedWithNext: true },
      { lift: "circuit-block" },
    ];
    const session = await ask({ lifts });
    expect(session.blocks.map((b: { lifts: number[] }) => b.lifts)).toEqual([[0], [1, 2]]);
    expect(session.blocks[1].startsAt).toBe(session.blocks[0].endsAt);
    const alone = await ask({
      lifts: [],
      focus: ["hip-extension", "ankle-dorsiflexion"],
      approach: "cool-down",
    });
    expect(alone.ramps).toEqual([]);
    expect(alone.steps.some((s: { phase: string }) => s.phase === "cool-down")).toBe(true);
  });

  test("plans a group with machines in turns", async () => {
    const group = ["A", "B", "C", "D"].map((name) => ({ name, limiters: ["ankle-dorsiflexion"] }));
    const equipment = [{ id: "rower", count: 1 }, "stick", { id: "box", count: 2 }];
    const body = await ask({ athlete: undefined, group, equipment, minutes: 20 });
    expect(body.members.map((m: { name: string }) => m.name)).toEqual(["A", "B", "C", "D"]);
    expect(body.members[0].ramps[0].working.weight).toBe(100);
    expect(body.shared.length).toBeGreaterThan(3);
  });

  test.each([
    ["neither lifts nor focus", { lifts: [] }, "lifts"],
    ["a group of one", { group: [{ name: "A" }] }, "group"],
    ["an unknown pin", { pins: [{ drill: "moonwalk" }] }, "pins.0.drill"],
    ["a place that is no number", { pins: [{ drill: "ninety-ninety", place: "top" }] }, "pins.0.place"],
    ["a barbell lift without its bar", { lifts: [{ ...lift, implement: undefined }] }, "lifts.0.implement"],
    ["a count below none", { equipment: [{ id: "rower", count: -1 }] }, "equipment.0.count"],
  ])("%s is refused by name", async (_, change, path) => {
    const { status, errors } = await refusal(planResponse, { ...plan, ...change });
    expect(status).toBe(400);
    expect(errors.map((e: { path: string }) => e.path)).toContain(path);
  });
});
