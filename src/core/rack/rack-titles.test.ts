import { rampRequest } from "@/__tests__/fixtures";
import { drain } from "@/lib/drain";
import { planRamp } from "../ramp";
import { type BarPlace, lifterOf, ordersByShift, rackOrders, rackTitles } from ".";

const lifters = (places: readonly BarPlace[]) =>
  places.map((place, i) => lifterOf(`Lifter ${i}`, place, planRamp(rampRequest(60 + 10 * i, 5))));
const titles = (places: readonly BarPlace[], racks: number) => {
  const all = lifters(places);
  return ordersByShift(drain(rackOrders(all, racks, 10))).map((here) => rackTitles(here, all));
};

test("bars of one place are numbered, a single one is not", () => {
  expect(titles(["rack", "rack", "rack", "rack"], 2)).toEqual([["Rack 1", "Rack 2"]]);
  expect(titles(["rack", "rack"], 1)).toEqual([["Rack"]]);
});

test("each place has a name of its own", () => {
  const [here] = titles(["rack", "rack", "bench", "bench", "floor", "floor"], 3);
  expect(here!.toSorted()).toEqual(["Bench", "Floor", "Rack"]);
});

test("a bar that is used in two places is called by both", () => {
  expect(titles(["rack", "floor"], 1)).toEqual([["Floor and Rack"]]);
});

test("who does not find a place comes in a shift of its own, with its own names", () => {
  const shifts = titles(
    Array.from({ length: 9 }, () => "rack" as const),
    1,
  );
  expect(shifts.length).toBeGreaterThan(1);
  for (const here of shifts) expect(here).toEqual(["Rack"]);
});
