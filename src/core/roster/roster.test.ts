import fc from "fast-check";
import { shippedCatalog as catalog } from "@/catalog";
import { cases } from "@/lib/__tests__/cases";
import { weight } from "../units";
import {
  guessColumns,
  isTwoDays,
  liftColumns,
  liftMeant,
  orderOfDays,
  readDay,
  readHead,
  readWeight,
} from ".";

test.each([
  ["Squat", "back-squat"],
  ["BP", "bench-press"],
  ["dead  lift", "deadlift"],
  ["OHP", "overhead-press"],
  ["back_squat", "back-squat"],
  ["Clean & Jerk", "clean-and-jerk"],
  ["Front squat", "front-squat"],
])("%s is the %s", (text, id) => {
  expect(liftMeant(text, catalog)?.id).toBe(id);
});

test("each alias is of one lift that there is", () => {
  expect(liftMeant("Moon press", catalog)).toBeNull();
  for (const lift of catalog.lifts.filter((l) => !l.kind)) expect(liftMeant(lift.name, catalog)).toBe(lift);
});

test.each([
  ["100", 100, null],
  ["100kg", 100, "kg"],
  ["100 kgs", 100, "kg"],
  ["225 lb", 225, "lb"],
  ["225lbs.", 225, "lb"],
  ["102,5", 102.5, null],
])("%s is a weight", (text, value, unit) => {
  expect(readWeight(text)).toEqual({ ok: true, value: { weight: weight(value), unit } });
});

test.each(["heavy", "100 stone", "", "-5", "kg"])("%j is no weight", (text) => {
  expect(readWeight(text).ok).toBe(false);
});

test.each([
  ["2026-01-31", "2026-01-31"],
  ["2026/1/31", "2026-01-31"],
  ["31.1.2026", "2026-01-31"],
  ["31/01/26", "2026-01-31"],
  ["1/31/2026", "2026-01-31"],
  ["31 Jan 2026", "2026-01-31"],
  ["January 31, 2026", "2026-01-31"],
  ["2026-01-31 00:00", "2026-01-31"],
])("%s is a day", (text, day) => {
  expect(readDay(text, null)).toEqual({ ok: true, value: day });
});

test("a day that could be two is asked for, unless another of the column tells", () => {
  expect(isTwoDays("3/4/2026")).toBe(true);
  expect(isTwoDays("4/4/2026")).toBe(false);
  expect(readDay("3/4/2026", null)).toMatchObject({ ok: false, error: expect.stringMatching(/two days/) });
  expect(readDay("3/4/2026", "day-first")).toEqual({ ok: true, value: "2026-04-03" });
  expect(readDay("3/4/2026", "month-first")).toEqual({ ok: true, value: "2026-03-04" });
  expect(orderOfDays(["3/4/2026", "4/25/2026"])).toBe("month-first");
  expect(orderOfDays(["3/4/2026", "25/4/2026"])).toBe("day-first");
  expect(orderOfDays(["3/4/2026"])).toBeNull();
});

test.each(["31.2.2026", "soon", "2026-13-01", "40 Jan 2026", "31 Foo 2026"])("%s is no day", (text) => {
  expect(readDay(text, null).ok).toBe(false);
});

test("heads are known without their unit, and by the lift that they name", () => {
  const heads = [
    "First name",
    "Surname",
    "Bodyweight (kg)",
    "Squat",
    "Bench 1RM [lb]",
    "Deadlift_kg",
    "Shoe size",
  ];
  expect(readHead("Bodyweight (kg)")).toEqual({ words: "bodyweight", unit: "kg" });
  const columns = guessColumns(heads);
  expect(columns).toEqual({ firstName: 0, lastName: 1, bodyWeight: 2 });
  expect(liftColumns(heads, columns, catalog)).toEqual([
    { at: 3, lift: "back-squat", kind: "working", unit: null },
    { at: 4, lift: "bench-press", kind: "max", unit: "lb" },
    { at: 5, lift: "deadlift", kind: "working", unit: "kg" },
  ]);
});

const anyDay = fc
  .date({ min: new Date("1990-01-01T00:00:00Z"), max: new Date("2099-12-31T00:00:00Z"), noInvalidDate: true })
  .map((d) => d.toISOString().slice(0, 10));

test("any day is read back from each way it is written in", () => {
  const months = ["Jan", "Feb", "Mar", "Apr", "May", "June", "July", "Aug", "Sept", "Oct", "Nov", "Dec"];
  fc.assert(
    fc.property(anyDay, (iso) => {
      const [year, month, day] = iso.split("-").map(Number) as [number, number, number];
      const name = months[month - 1];
      for (const text of [
        iso,
        `${day} ${name} ${year}`,
        `${name} ${day}, ${year}`,
        `${year}/${month}/${day}`,
      ])
        expect(readDay(text, null)).toEqual({ ok: true, value: iso });
      expect(readDay(`${day}.${month}.${year}`, "day-first")).toEqual({ ok: true, value: iso });
      expect(readDay(`${month}/${day}/${year}`, "month-first")).toEqual({ ok: true, value: iso });
    }),
    cases(200),
  );
});

test("a day in numbers is read without being asked exactly where it is one day only", () => {
  const part = fc.integer({ min: 1, max: 12 });
  fc.assert(
    fc.property(part, part, (a, b) => {
      const read = readDay(`${a}/${b}/2026`, null);
      expect(read.ok).toBe(a === b);
      expect(isTwoDays(`${a}/${b}/2026`)).toBe(a !== b);
    }),
    cases(100),
  );
});

test("a weight is read with any unit that coaches write, and as often as it is written", () => {
  const units = fc.constantFrom("", "kg", " kgs", "lb", " lbs", " pounds", "KG");
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 4000 }), units, (halves, unit) => {
      const read = readWeight(`${halves / 2}${unit}`);
      const said = unit.trim() === "" ? null : /^k/i.test(unit.trim()) ? "kg" : "lb";
      expect(read).toEqual({ ok: true, value: { weight: weight(halves / 2), unit: said } });
    }),
    cases(100),
  );
});
