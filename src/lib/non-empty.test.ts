import { mapNonEmpty, nonEmpty } from "./non-empty";

test("a list with a first element keeps its elements and its order", () => {
  expect(nonEmpty([undefined, 2])).toEqual([undefined, 2]);
  expect(mapNonEmpty(nonEmpty([1, 2, 3]), (n) => n * 2)).toEqual([2, 4, 6]);
});

test("an empty one is refused", () => {
  expect(() => nonEmpty([])).toThrow(RangeError);
});
