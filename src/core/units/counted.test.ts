import { counted } from ".";

test.each([
  [0, "0 athletes"],
  [1, "1 athlete"],
  [12, "12 athletes"],
])("%d", (count, words) => {
  expect(counted(count, "athlete")).toBe(words);
});
