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
