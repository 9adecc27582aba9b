import { extent, nice, ticks } from "d3-array";

/** What all charts over time have in common: grid, axis of days, axis of values. */
export const GRID = { stroke: "var(--line)" } as const;

const TICK = { fontSize: 11, fill: "var(--ink-soft)" } as const;

export const BASE_AXIS = { tickLine: false, axisLine: { stroke: "var(--ink)" }, tick: TICK } as const;

/** Days, in milliseconds since 1970. */
export const TIME_AXIS = {
  ...BASE_AXIS,
  dataKey: "at",
  type: "number",
  scale: "time",
  domain: ["dataMin", "dataMax"],
  minTickGap: 48,
} as const;

/** The days of points as marks of the axis, each once. */
export function dayMarks(points: readonly { at: number }[]): number[] {
  return [...new Set(points.map((p) => p.at))];
}

/** About so many marks stand on an axis of values. */
const MARKS = 4;

/** An axis of values from one round number to another, with round numbers between. */
export function roundAxis(values: Iterable<number>): { domain: [number, number]; ticks: number[] } {
  const [least = 0, most = 1] = extent(values);
  const [from, to] = nice(least, most > least ? most : least + 1, MARKS);
  return { domain: [from, to], ticks: ticks(from, to, MARKS) };
}

export const VALUE_AXIS = { tickLine: false, axisLine: false, tick: TICK } as const;
