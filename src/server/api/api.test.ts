import { readdirSync } from "node:fs";
import { backSquat as lift, post, refusal } from "../__tests__/requests";
import {
  catalogResponseSchema,
  groupPlanResponseSchema,
  planResponseSchema,
  rampResponseSchema,
  reviewResponseSchema,
} from "../schemas/responses";
import { catalogResponse } from "./catalog";
import { openApiResponse } from "./open-api";
import { planResponse } from "./plan";
import { rampResponse } from "./ramp";
import { reviewResponse } from "./review";

const ramp = { unit: "kg", ...lift };
const plan = {
  unit: "kg",
  lifts: [lift],
  minutes: 15,
  athlete: { bodyWeight: 80, experience: "intermediate", limiters: ["ankle-dorsiflexion"], areas: [] },
};

describe("POST /api/ramp", () => {
  test("takes technique additions and blocks, and says what suits no set", async () => {
    const clean = { ...ramp, lift: "power-clean", working: { weight: 100, reps: 3, sets: 3 } };
    const setsOf = async (change: object) => {
      const answer = rampResponseSchema.parse(
        await (await post(rampResponse, { ...clean, ...change })).json(),
      );
      return { ...answer, notes: answer.sets.map((s) => s.notes.join()) };
    };
    const plain = await setsOf({});
    const complex = await setsOf({ additions: ["bar-complex", "pause-above-knee"] });
    expect(complex.sets).toHaveLength(plain.sets.length + 1);
    expect(complex.sets[0]!.weight).toBe(20);
    expect(complex.notes[0]).toMatch(/^Bar complex/);
    expect(complex.notes[1]).toMatch(/Pause 2 s above the knee/);
    expect((await setsOf({ floor: "blocks" })).sets[0]!.weight).toBeLessThan(plain.sets[0]!.weight);
    const heavy = await setsOf({ working: { weight: 80, reps: 3, sets: 3 }, additions: ["barefoot"] });
    expect(heavy.findings.map((f) => f.code)).toContain("addition-left-out");
    const { status, errors } = await refusal(rampResponse, { ...clean, additions: ["blindfold"] });
    expect([status, errors[0].path]).toEqual([400, "additions.0"]);
  });

  test("gives a ramp with its plates, times and totals in the request's unit", async () => {
    const response = await post(rampResponse, ramp);
    expect(response.status).toBe(200);
    const body = await response.json();
    expect(body.sets[0]).toMatchObject({
      weight: 20,
      fraction: 0.2,
      reps: 8,
      perSide: [],
      add: [],
      strip: [],
    });
    expect(body.working).toMatchObject({ weight: 100 });
    const seconds = body.sets.reduce(
      (sum: number, s: { seconds: number; restSeconds: number }) => sum + s.seconds + s.restSeconds,
      0,
    );
    expect(body.totals.seconds).toBe(seconds);
    expect(body.findings).toEqual([]);
  });

  test("takes the options there are", async () => {
    const response = await post(rampResponse, {
      ...ramp,
      style: "even-steps",
      athlete: { experience: "advanced", slowToWarm: 2 },
      similarDone: 0.2,
      room: "cold",
      implement: { kind: "barbell", weight: 15, collars: 2.5 },
      working: { ...lift.working, rir: 2 },
    });
    expect(response.status).toBe(200);
    // Half warm already: the ramp starts at 30 % + 25 % × 0.2 of the weight instead of the bar.
    expect((await response.json()).sets[0].weight).toBe(35);
  });

  test("takes the coach's own number of sets", async () => {
    const body = await (await post(rampResponse, { ...ramp, rampSets: 2 })).json();
    expect(body.sets).toHaveLength(2);
  });

  test.each([
    ["zero weight", { working: { ...lift.working, weight: 0 } }, "working.weight"],
    ["negative weight", { working: { ...lift.working, weight: -20 } }, "working.weight"],
    ["no number", { working: { ...lift.working, weight: "100" } }, "working.weight"],
    ["under the bar", { working: { ...lift.working, weight: 15 } }, "working.weight"],
    ["21 reps", { working: { ...lift.working, reps: 21 } }, "working.reps"],
    ["no plates", { plates: [] }, "plates"],
    ["a million pairs", { plates: [{ weight: 20, pairs: 1e6 }] }, "plates.0.pairs"],
    ["unknown unit", { unit: "stone" }, "unit"],
    ["unknown lift", { lift: "wall-climb" }, "lift"],
    ["unknown style", { style: "sideways" }, "style"],
    ["another implement", { implement: { kind: "sack", weight: 20 } }, "implement.kind"],
    ["unknown field", { colour: "red" }, "colour"],
    ["unknown field inside", { working: { ...lift.working, speed: 1 } }, "working.speed"],
    ["no field", { working: undefined }, "working"],
    ["too warm", { similarDone: 2 }, "similarDone"],
  ])("%s is refused by name with status 400", async (_, change, path) => {
    const { status, errors } = await refusal(rampResponse, { ...ramp, ...change });
    expect(status).toBe(400);
    expect(errors).toContainEqual({ path, message: expect.stringMatching(/./) });
  });

  test.each<[string, string, object, number, number[]]>([
    ["dumbbells", "dumbbell-bench-press", { pairs: [10, 12.5, 15, 20, 25, 30] }, 30, [12.5, 20, 25]],
    ["kettlebells", "split-squat", { bells: [12, 16, 20, 24, 28] }, 28, [12, 16, 20]],
    ["stack", "lat-pulldown", { start: 5, step: 5, top: 100 }, 80, [25, 45, 60]],
    ["bodyweight", "pull-up", { bodyWeight: 80, help: [40, 20] }, 100, [40, 80]],
  ])("%s are ramped in what there is", async (kind, name, implement, weight, expected) => {
    const body = {
      ...ramp,
      lift: name,
      implement: { kind, ...implement },
      plates: [{ weight: 10, pairs: 2 }],
      working: { weight, reps: 8, sets: 3 },
    };
    const found = rampResponseSchema.parse(await (await post(rampResponse, body)).json());
    expect(found.implement).toBe(kind);
    expect(found.sets.map((s) => s.weight)).toEqual(expected);
  });

  test("a machine is loaded with plates, and asks for them", async () => {
    const machine = { ...ramp, lift: "leg-press", implement: { kind: "machine", weight: 45 } };
    const found = rampResponseSchema.parse(
      await (await post(rampResponse, { ...machine, working: { ...lift.working, weight: 165 } })).json(),
    );
    expect(found.sets.at(-1)!.perSide.length).toBeGreaterThan(0);
    const { status, errors } = await refusal(rampResponse, { ...machine, plates: undefined });
    expect(status).toBe(400);
    expect(errors).toContainEqual({ path: "plates", message: "Give at least one plate size." });
  });

  test.each<[string, object, string]>([
    ["a rack without dumbbells", { kind: "dumbbells", pairs: [] }, "implement.pairs"],
    ["a stack upside down", { kind: "stack", start: 50, step: 5, top: 10 }, "implement.top"],
    ["a stack without end", { kind: "stack", start: 1, step: 0.001, top: 100 }, "implement.step"],
    ["a body without weight", { kind: "bodyweight", bodyWeight: 0 }, "implement.bodyWeight"],
  ])("%s is refused by name", async (_, implement, path) => {
    const { status, errors } = await refusal(rampResponse, { ...ramp, implement });
    expect(status).toBe(400);
    expect(errors.map((e: { path: string }) => e.path)).toContain(path);
  });

  test("the coach's start is kept", async () => {
    const found = await (await post(rampResponse, { ...ramp, start: 0.4 })).json();
    expect(found.sets[0].weight).toBe(40);
    expect((await refusal(rampResponse, { ...ramp, start: 0.9 })).errors[0].path).toBe("start");
  });

  test("a weight that cannot be loaded comes back with its neighbours", async () => {
    const answer = await refusal(rampResponse, { ...ramp, working: { ...lift.working, weight: 101 } });
    expect(answer).toMatchObject({ status: 422, nearest: { lower: 100, upper: 102.5 } });
    expect(answer.errors[0]).toMatchObject({ path: "working.weight" });
  });

  test("a weight that is more than all the plates has no upper neighbour", async () => {
    const answer = await refusal(rampResponse, { ...ramp, working: { ...lift.working, weight: 1000 } });
    expect(answer).toMatchObject({ status: 422, nearest: { upper: null } });
  });

  test.each(["", "{", "[]", "null", '"text"', "12"])("a body of %p is refused", async (body) => {
    expect((await refusal(rampResponse, body)).status).toBe(400);
  });

  test("a body over 1 MB is refused without being read to its end", async () => {
    const { status } = await refusal(rampResponse, JSON.stringify({ ...ramp, note: "x".repeat(1_100_000) }));
    expect(status).toBe(413);
  });
});

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

describe("POST /api/review", () => {
  const steps = [
    { drill: "vertical-jump", sets: 1, amount: 3 },
    { drill: "leg-swing-front", sets: 1, amount: 10, side: "left" },
  ];

  test("gives findings with remedies, as its schema says", async () => {
    const ramps = [[{ weight: 40, reps: 5, restSeconds: 30 }]];
    const response = await post(reviewResponse, { ...plan, plan: { steps, ramps } });
    const { findings } = reviewResponseSchema.parse(await response.json());
    const codes = findings.map((f) => f.code);
    expect(codes).toEqual(
      expect.arrayContaining(["explosive-early", "one-sided", "unserved", "jump-too-large"]),
    );
    for (const f of findings) expect(f.remedies.length).toBeGreaterThan(0);
  });

  test.each([
    ["an unknown drill", { steps: [{ drill: "moonwalk", sets: 1, amount: 3 }] }, "plan.steps.0.drill"],
    ["a third side", { steps: [{ ...steps[0], side: "middle" }] }, "plan.steps.0.side"],
    ["no plan", undefined, "plan"],
  ])("%s is refused by name", async (_, reviewed, path) => {
    const { status, errors } = await refusal(reviewResponse, { ...plan, plan: reviewed });
    expect(status).toBe(400);
    expect(errors.map((e: { path: string }) => e.path)).toContain(path);
  });
});

test("GET /api/openapi.json describes every route that there is, with schemas that resolve", async () => {
  const document = await openApiResponse().json();
  const routes = readdirSync("src/app/api").filter((name) => name !== "openapi.json");
  expect(Object.keys(document.paths).sort()).toEqual(routes.map((name) => `/api/${name}`).sort());
  const text = JSON.stringify(document);
  for (const [, name] of text.matchAll(/#\/components\/schemas\/(\w+)/g)) {
    expect(document.components.schemas).toHaveProperty(name!);
  }
  expect(document.components.schemas.PlanRequest.properties).toHaveProperty("group");
  rampResponseSchema.parse(await (await post(rampResponse, ramp)).json());
  catalogResponseSchema.parse(await (await catalogResponse()).json());
});

test("GET /api/catalog gives everything a request may name", async () => {
  const body = await (await catalogResponse()).json();
  for (const key of ["lifts", "drills", "demands", "areas", "equipment", "approaches"]) {
    expect(body[key].length).toBeGreaterThan(1);
    for (const record of body[key]) expect(record).toHaveProperty("id");
  }
});
