import { feetOf, metresOf } from "./lengths";

test.each([
  [1, 3],
  [5, 16],
  [10, 32],
  [100, 328],
])("%d m are %d whole feet, and the other way about", (metres, feet) => {
  expect(feetOf(metres)).toBe(feet);
  expect(metresOf(feet)).toBe(metres);
});

test("never less than a metre", () => {
  expect(metresOf(1)).toBe(1);
});
