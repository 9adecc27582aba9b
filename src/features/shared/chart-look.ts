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

export const VALUE_AXIS = { tickLine: false, axisLine: false, tick: TICK } as const;
