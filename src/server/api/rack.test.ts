import { backSquat as lift, post, refusal } from "../__tests__/requests";
import { rackResponseSchema } from "../schemas/rack-api";
import { rackResponse } from "./rack";
import { rampResponse } from "./ramp";

const ramp = { unit: "kg", ...lift };
const on = (name: string, weight: number) => ({ name, ...lift, working: { ...lift.working, weight } });
const rack = { unit: "kg", athletes: [on("A", 60), on("B", 140), on("C", 62.5), on("D", 142.5)] };

test("gives the running order of each rack, with everybody on one", async () => {
  const response = await post(rackResponse, { ...rack, racks: 2 });
  const { racks, seconds } = rackResponseSchema.parse(await response.json());
  expect(racks.flatMap((r) => r.athletes.map((a) => a.name)).sort()).toEqual(["A", "B", "C", "D"]);
  expect(seconds).toBe(Math.max(...racks.map((r) => r.seconds)));
  for (const r of racks) {
    expect(r.proven).toBe(true);
    expect(r.seconds).toBeLessThanOrEqual(r.plainTurns.seconds);
    expect(Math.max(...r.athletes.map((a) => a.readyAt))).toBe(r.seconds);
  }
});

test("takes ramps as POST /api/ramp gives them", async () => {
  const given = await (await post(rampResponse, ramp)).json();
  const athletes = [{ name: "A", ramp: given }, on("B", 100)];
  const { racks } = rackResponseSchema.parse(await (await post(rackResponse, { ...rack, athletes })).json());
  const setsOf = (name: string) => racks[0]!.turns.filter((t) => t.name === name).map((t) => t.weight);
  expect(setsOf("A")).toEqual(setsOf("B"));
});

test("more people than places come in shifts; one stock for the room may run short", async () => {
  const athletes = ["a", "b", "c", "d", "e"].map((n) => on(n, 140));
  const stock = [{ weight: 25, pairs: 1 }];
  const five = rackResponseSchema.parse(
    await (await post(rackResponse, { ...rack, athletes, stock })).json(),
  );
  expect(five.racks.map((r) => [r.shift, r.athletes.length])).toEqual([
    [0, 3],
    [1, 2],
  ]);
  expect(five.shortages[0]).toMatchObject({ shift: 0, plate: 25, there: 1, racks: [0] });
});

test("two who load are quicker than one", async () => {
  const secondsOf = async (loaders: number) =>
    (await (await post(rackResponse, { ...rack, loaders })).json()).seconds;
  expect(await secondsOf(2)).toBeLessThan(await secondsOf(1));
});

test.each([
  ["nobody", { athletes: [] }, "athletes"],
  [
    "dumbbells",
    { athletes: [{ ...on("A", 20), implement: { kind: "dumbbells", pairs: [10, 20] } }] },
    "athletes.0.implement.kind",
  ],
  ["no racks", { racks: 0 }, "racks"],
  ["a crowd of loaders", { loaders: 3 }, "loaders"],
])("%s: refused by name", async (_, change, path) => {
  const { status, errors } = await refusal(rackResponse, { ...rack, ...change });
  expect(status).toBe(400);
  expect(errors.map((e: { path: string }) => e.path)).toContain(path);
});

test("a weight that cannot be loaded names whose it is", async () => {
  const answer = await refusal(rackResponse, { ...rack, athletes: [on("A", 60), on("B", 101)] });
  expect(answer).toMatchObject({ status: 422, errors: [{ path: "athletes.1.working.weight" }] });
});
