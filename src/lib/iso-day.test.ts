import { isoDay } from "./iso-day";

test("a day is that of the clock here, late in the evening too, with two places for month and day", () => {
  expect(isoDay(new Date(2026, 0, 2, 23, 59))).toBe("2026-01-02");
  expect(isoDay(new Date(2026, 10, 26).getTime())).toBe("2026-11-26");
});
