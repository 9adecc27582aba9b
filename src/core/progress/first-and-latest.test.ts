import fc from "fast-check";
import { firstAndLatest, type NumberOfDay } from ".";

const on = (day: string, value: number, athlete = "a"): NumberOfDay => ({ athlete, day, value });

test("of everybody the first and the latest, whatever order they come in", () => {
  expect(
    firstAndLatest([on("2026-03-02", 5), on("2026-01-05", 3), on("2026-02-01", 9), on("2026-01-09", 1, "b")]),
  ).toEqual([
    {
      athlete: "a",
      first: { day: "2026-01-05", value: 3 },
      latest: { day: "2026-03-02", value: 5 },
    },
    {
      athlete: "b",
      first: { day: "2026-01-09", value: 1 },
      latest: { day: "2026-01-09", value: 1 },
    },
  ]);
  expect(firstAndLatest([])).toEqual([]);
});

test("of one day the last counts for where somebody is", () => {
  expect(firstAndLatest([on("2026-01-05", 3), on("2026-01-05", 4)])[0]).toMatchObject({
    first: { value: 3 },
    latest: { value: 4 },
  });
});

test("nobody is lost, and no day lies outside what was measured", () => {
  const day = fc.integer({ min: 10, max: 28 }).map((d) => `2026-01-${d}`);
  const numbers = fc.array(
    fc.record({ athlete: fc.constantFrom("a", "b", "c"), day, value: fc.integer({ min: 0, max: 99 }) }),
  );
  fc.assert(
    fc.property(numbers, (all) => {
      const found = firstAndLatest(all);
      expect(new Set(found.map((f) => f.athlete))).toEqual(new Set(all.map((n) => n.athlete)));
      for (const { athlete, first, latest } of found) {
        const days = all.filter((n) => n.athlete === athlete).map((n) => n.day);
        expect([first.day, latest.day]).toEqual([days.toSorted()[0], days.toSorted().at(-1)]);
      }
    }),
  );
});
