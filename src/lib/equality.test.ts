import { isEqual } from "./equality";

test.each<[string, unknown, unknown]>([
  ["fields in another order", { a: 1, b: { c: 2, d: [3] } }, { b: { d: [3], c: 2 }, a: 1 }],
  ["a field that is undefined and none", { a: 1, b: undefined }, { a: 1 }],
  ["the same deep down", [{ a: [null, "x"] }], [{ a: [null, "x"] }]],
])("%s is equal, both ways", (_, a, b) => {
  expect([isEqual(a, b), isEqual(b, a)]).toEqual([true, true]);
});

test.each<[string, unknown, unknown]>([
  ["a list in another order", [1, 2], [2, 1]],
  ["a field that is null and none", { a: null }, {}],
  ["a list and an object", [], {}],
  ["a number and its text", { a: 1 }, { a: "1" }],
  ["a field more deep down", { a: { b: 1 } }, { a: { b: 1, c: 0 } }],
])("%s is not, both ways", (_, a, b) => {
  expect([isEqual(a, b), isEqual(b, a)]).toEqual([false, false]);
});
