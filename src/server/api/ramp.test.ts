import { backSquat as lift, post, refusal } from "../__tests__/requests";
import { rampResponseSchema } from "../schemas/responses";
import { rampResponse } from "./ramp";

const ramp = { unit: "kg", ...lift };

describe("POST /api/ramp", () => {
  test("takes technique additions and blocks, and says what suits no set", async () => {
    const clean = { ...ramp, lift: "power-clean", working: { weight: 140, reps: 3, sets: 3 } };
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
    const heavy = await setsOf({ rampSets: 1, additions: ["barefoot"] });
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
    expect((await response.json()).sets[0].weight).toBe(30);
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
