import fc from "fast-check";
import { cases } from "./__tests__/cases";
import { daysAfter, readWeekly, weeklyRule } from "./weekly-rule";

const MON_WED = { weekdays: [0, 2], until: "2026-12-16" };

test("days of a rule after a day, without that day, across a change of the year", () => {
  expect(daysAfter("2026-12-07", MON_WED, 50)).toEqual(["2026-12-09", "2026-12-14", "2026-12-16"]);
  const long = daysAfter("2026-12-28", { weekdays: [4], until: "2027-12-31" }, 3);
  expect(long).toEqual(["2027-01-01", "2027-01-08", "2027-01-15"]);
  expect(daysAfter("2026-12-07", { ...MON_WED, until: "2026-12-01" }, 50)).toEqual([]);
});

test("a rule is read as it was written", () => {
  expect(weeklyRule(MON_WED)).toBe("FREQ=WEEKLY;BYDAY=MO,WE;UNTIL=20261216T000000Z");
  expect(readWeekly(weeklyRule(MON_WED))).toEqual(MON_WED);
});

test.each(["", "nonsense", "FREQ=DAILY;UNTIL=20261216T000000Z", "FREQ=WEEKLY;BYDAY=MO"])(
  "%j is no weekly rule with an end",
  (rule) => {
    expect(readWeekly(rule)).toBeNull();
  },
);

test("all days are of the chosen weekdays, in order, after the first and not after the last", () => {
  const weekdays = fc.uniqueArray(fc.integer({ min: 0, max: 6 }), { minLength: 1 });
  const day = fc
    .date({
      min: new Date("2020-01-01T00:00:00Z"),
      max: new Date("2040-01-01T00:00:00Z"),
      noInvalidDate: true,
    })
    .map((d) => d.toISOString().slice(0, 10));
  fc.assert(
    fc.property(weekdays, day, fc.integer({ min: 0, max: 200 }), (of, from, length) => {
      const until = new Date(Date.parse(`${from}T00:00:00Z`) + length * 86_400_000)
        .toISOString()
        .slice(0, 10);
      const days = daysAfter(from, { weekdays: of, until }, 500);
      expect(days).toEqual([...new Set(days)].sort());
      for (const d of days) {
        expect(d > from && d <= until).toBe(true);
        expect(of).toContain((new Date(`${d}T00:00:00Z`).getUTCDay() + 6) % 7);
      }
      // As many as there are such days.
      const all = Array.from(
        { length },
        (_, i) => new Date(Date.parse(`${from}T00:00:00Z`) + (i + 1) * 86_400_000),
      );
      expect(days).toHaveLength(all.filter((d) => of.includes((d.getUTCDay() + 6) % 7)).length);
      expect(daysAfter(from, { weekdays: of, until }, 3)).toEqual(days.slice(0, 3));
    }),
    cases(100),
  );
});
