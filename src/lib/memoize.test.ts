import { memoize } from "./memoize";

test("a value is worked out once for each object, not once for equal ones", () => {
  const asked: object[] = [];
  const size = memoize((of: { name: string }) => {
    asked.push(of);
    return of.name.length;
  });
  const one = { name: "stick" };
  const other = { name: "stick" };
  expect([size(one), size(one), size(other)]).toEqual([5, 5, 5]);
  expect(asked).toEqual([one, other]);
});
