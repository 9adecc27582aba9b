import { dayMarks, roundAxis } from "./chart-look";

test.each([
  [[147, 167], [145, 170], 5],
  [[4, 12], [4, 12], 2],
  [[57, 66.5, 45, 52.5], [45, 70], 5],
  [[-1.2, 2.9], [-2, 3], 1],
])("%j stand on an axis over %j in steps of %d", (values, domain, step) => {
  const axis = roundAxis(values);
  expect(axis.domain).toEqual(domain);
  const steps = axis.ticks.slice(1).map((t, i) => t - axis.ticks[i]!);
  expect([...new Set(steps)]).toEqual([step]);
});

test("all values lie on the axis, its ends are marks, and there are few", () => {
  for (let i = 0; i < 200; i++) {
    const values = Array.from({ length: 1 + (i % 9) }, (_, n) => Math.sin(i * 7 + n) * 10 ** (i % 5));
    const { domain, ticks } = roundAxis(values);
    expect(Math.min(...values)).toBeGreaterThanOrEqual(domain[0]);
    expect(Math.max(...values)).toBeLessThanOrEqual(domain[1]);
    expect([ticks[0], ticks.at(-1)]).toEqual(domain);
    expect(ticks.length).toBeGreaterThan(1);
    expect(ticks.length).toBeLessThan(9);
  }
});

test("one value, and none, have an axis too", () => {
  expect(roundAxis([80]).domain[1]).toBeGreaterThan(80);
  expect(roundAxis([]).ticks.length).toBeGreaterThan(1);
});

test("a day with several values is marked once", () => {
  expect(dayMarks([{ at: 1 }, { at: 1 }, { at: 5 }])).toEqual([1, 5]);
});
