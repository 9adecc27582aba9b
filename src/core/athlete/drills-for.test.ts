import { shippedCatalog } from "@/catalog";
import { doseSeconds } from "../dose";
import { drillsFor, mergeWishes, NO_WISHES } from ".";

const { drills } = shippedCatalog;
const [first, second] = drills.filter(
  (d) => d.dose.sets[1] > d.dose.sets[0] && d.dose.amount[1] > d.dose.amount[0],
);
const find = (id: string, all: readonly { id: string }[]) => all.find((d) => d.id === id);

test("without wishes and times of one's own the drills are those of the catalog", () => {
  expect(drillsFor(drills, NO_WISHES, [])).toBe(drills);
});

test("a drill that was too much has one dose, the smallest", () => {
  const made = drillsFor(drills, { ...NO_WISHES, smallest: [first!.id] }, []);
  const [sets, amount] = [first!.dose.sets[0], first!.dose.amount[0]];
  expect(find(first!.id, made)).toMatchObject({
    dose: { sets: [sets, sets, sets], amount: [amount, amount, amount], onlyLeast: true },
  });
  expect(find(second!.id, made)).toBe(second);
});

test("a drill takes an athlete as long as it has been found to, and is the same value each time", () => {
  const slow = () => drillsFor(drills, NO_WISHES, [], { [first!.id]: 1.5 }).find((d) => d.id === first!.id)!;
  const usual = { sets: first!.dose.sets[1], amount: first!.dose.amount[1] };
  expect(doseSeconds(slow().dose, usual)).toBe(
    Math.round(1.5 * doseSeconds({ ...first!.dose, pace: 1 }, usual)),
  );
  expect(slow()).toBe(slow());
});

test("what is never used is left out, but for what the coach has put in, also as one of several", () => {
  const never = { ...NO_WISHES, never: [first!.id, second!.id] };
  const ids = (own: Parameters<typeof drillsFor>[2]) => drillsFor(drills, never, own).map((d) => d.id);
  expect(ids([])).toHaveLength(drills.length - 2);
  expect(ids([{ drill: first!.id }])).toContain(first!.id);
  expect(ids([{ drill: "other", anyOf: [second!.id] }])).toContain(second!.id);
});

test("smallest doses of gym, group and athlete count together, whatever else is wished", () => {
  const merged = mergeWishes({ favourites: ["a"], never: [], smallest: ["x"] }, undefined, {
    favourites: [],
    never: ["a"],
    smallest: ["x", "y"],
  });
  expect(merged).toEqual({ favourites: [], never: ["a"], smallest: ["x", "y"] });
  expect(mergeWishes(NO_WISHES, undefined)).toBe(NO_WISHES);
});
