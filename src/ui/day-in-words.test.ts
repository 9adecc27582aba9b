import { dayInWords, shortDay } from "./day-in-words";

test.each([
  ["2026-11-26", "Thu 26 Nov", "26 Nov"],
  ["2026-03-01", "Sun 1 Mar", "1 Mar"],
  ["2028-02-29", "Tue 29 Feb", "29 Feb"],
  ["2026-09-05", "Sat 5 Sep", "5 Sep"],
])("%s is %s, whatever the time zone", (day, inWords, short) => {
  expect([dayInWords(day), shortDay(day)]).toEqual([inWords, short]);
});
