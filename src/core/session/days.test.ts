import { dayAfter, moveMoment } from ".";

test("days later and earlier, over months, years and leap days", () => {
  expect(dayAfter("2026-12-31", 1)).toBe("2027-01-01");
  expect(dayAfter("2028-02-28", 1)).toBe("2028-02-29");
  expect(dayAfter("2026-03-01", -1)).toBe("2026-02-28");
  expect(dayAfter("2026-03-29", 1)).toBe("2026-03-30");
  expect(dayAfter("2026-10-25", 0)).toBe("2026-10-25");
});

describe("a moment moved", () => {
  const evening = { day: "2026-02-28", time: "18:30" };

  test("by minutes stays on its day, by days at its time", () => {
    expect(moveMoment(evening, { minutes: 15 })).toEqual({ day: "2026-02-28", time: "18:45" });
    expect(moveMoment(evening, { minutes: -15 })).toEqual({ day: "2026-02-28", time: "18:15" });
    expect(moveMoment(evening, { days: 1 })).toEqual({ day: "2026-03-01", time: "18:30" });
  });

  test("does not pass midnight, either way", () => {
    expect(moveMoment({ day: "2026-02-28", time: "23:50" }, { minutes: 15 })).toBeNull();
    expect(moveMoment({ day: "2026-02-28", time: "00:10" }, { minutes: -15 })).toBeNull();
    expect(moveMoment({ day: "2026-02-28", time: "23:45" }, { minutes: 14 })?.time).toBe("23:59");
  });

  test("without a time has none afterwards", () => {
    expect(moveMoment({ day: "2026-02-28", time: null }, { minutes: 15 })).toEqual({
      day: "2026-02-28",
      time: null,
    });
    expect(moveMoment({ day: "2026-02-28", time: null }, { days: -1 })?.day).toBe("2026-02-27");
  });
});
