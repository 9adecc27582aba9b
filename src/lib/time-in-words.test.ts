import { timeInWords } from "./time-in-words";

test.each([
  ["00:00", "12:00 am"],
  ["06:05", "6:05 am"],
  ["12:00", "12:00 pm"],
  ["12:59", "12:59 pm"],
  ["18:30", "6:30 pm"],
])("%s is %s", (time, words) => {
  expect(timeInWords(time, 12)).toBe(words);
  expect(timeInWords(time, 24)).toBe(time);
});
