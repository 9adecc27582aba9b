import { nextTime, parseTime } from "./time-field";

test.each([
  ["18:30", "18:30"],
  ["18.30", "18:30"],
  ["1830", "18:30"],
  ["6:05", "06:05"],
  ["6 pm", "18:00"],
  ["12:15 am", "00:15"],
  ["12:15pm", "12:15"],
  ["7", "07:00"],
  ["18h30", "18:30"],
  [" ", null],
])("%j is %s", (text, time) => {
  expect(parseTime(text)).toEqual({ ok: true, value: time });
});

test.each(["25:00", "18:75", "13 pm", "0 am", "noon", "-3"])("%s is none, and it is said what is", (text) => {
  expect(parseTime(text)).toMatchObject({ ok: false, error: expect.stringMatching(/18:30/) });
});

test("steps by five minutes and goes round at midnight", () => {
  expect(nextTime("18:30", 1)).toBe("18:35");
  expect(nextTime("00:00", -1)).toBe("23:55");
  expect(nextTime("23:55", 1)).toBe("00:00");
  expect(nextTime(null, 1)).toBe("18:00");
});
