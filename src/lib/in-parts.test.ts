import { inParts } from "./in-parts";

test("a list in parts keeps its order, and has no empty ones", () => {
  expect(inParts([1, 2, 3, 4, 5], 2)).toEqual([[1, 2], [3, 4], [5]]);
  expect(inParts([1, 2], 2)).toEqual([[1, 2]]);
  expect(inParts([])).toEqual([]);
});
