import { usualMinutes } from ".";

const approach = { typicalMinutes: { from: 15, to: 20 } };

test("what an approach usually takes is its drills and the ramp, in minutes", () => {
  expect(usualMinutes(approach, 0)).toEqual({ from: 15, to: 20 });
  expect(usualMinutes(approach, 4)).toEqual({ from: 19, to: 24 });
});

test("it is never more than can be said", () => {
  expect(usualMinutes({ typicalMinutes: { from: 50, to: 60 } }, 15)).toEqual({ from: 60, to: 60 });
});
