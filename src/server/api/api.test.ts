import { catalogResponse } from "./catalog";
import { planResponse } from "./plan";
import { rampResponse } from "./ramp";

const plates = [25, 20, 15, 10, 5, 2.5, 1.25].map((weight) => ({ weight, pairs: 2 }));
const lift = {
  lift: "back-squat",
  working: { weight: 100, reps: 5, sets: 5 },
  implement: { kind: "barbell", weight: 20 },
  plates,
};
const ramp = { unit: "kg", ...lift };
const plan = {
  unit: "kg",
  lifts: [lift],
  minutes: 15,
  athlete: { bodyWeight: 80, experience: "intermediate", limiters: ["ankle-dorsiflexion"], areas: [] },
};

function post(handle: (request: Request) => Promise<Response>, body: unknown) {
  const text = typeof body === "string" ? body : JSON.stringify(body);
  return handle(new Request("http://localhost/api", { method: "POST", body: text }));
}

async function refusal(handle: (request: Request) => Promise<Response>, body: unknown) {
  const response = await post(handle, body);
  expect(response.headers.get("content-type")).toBe("application/problem+json");
  return { status: response.status, ...(await response.json()) };
}

describe("POST /api/ramp", () => {
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
    const light = { working: { weight: 45, reps: 5, sets: 3 } };
    expect(await sets({ ...light, athlete: { experience: "beginner" } })).toBe((await sets(light)) - 1);
  });

  test("keeps to the equipment that is given", async () => {
    const { drills } = await catalogResponse().json();
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

test("GET /api/catalog gives everything a request may name", async () => {
  const body = await catalogResponse().json();
  for (const key of ["lifts", "drills", "demands", "areas", "equipment", "approaches"]) {
    expect(body[key].length).toBeGreaterThan(1);
    for (const record of body[key]) expect(record).toHaveProperty("id");
  }
});
