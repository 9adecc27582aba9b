import { parseWhole, stepWhole } from "./whole-number";

test.each(["", "1.5", "0", "21", "x", "-3"])("%p is refused with what to type", (text) => {
  expect(parseWhole(1, 20)(text)).toEqual({ ok: false, error: "Type a whole number from 1 to 20." });
});

test("whole numbers within bounds are read", () => {
  expect(parseWhole(1, 20)(" 12 ")).toEqual({ ok: true, value: 12 });
});

test("stepping stops at the bounds", () => {
  const next = stepWhole(2, 10, 5);
  expect(next(2, 1)).toBe(7);
  expect(next(7, 1)).toBeNull();
  expect(next(2, -1)).toBeNull();
});
