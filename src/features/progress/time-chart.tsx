"use client";

import { format, parseISO } from "date-fns";
import {
  Area,
  CartesianGrid,
  ComposedChart,
  Line,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from "recharts";
import { thinOut } from "@/core/progress";
import { dayMarks, GRID, roundAxis, TIME_AXIS, VALUE_AXIS } from "@/features/shared/chart-look";

/** A line of a chart over time. */
export interface Series {
  key: string;
  name: string;
  /** How it is told from the others without colour too. */
  look: "solid" | "dashed";
  /** Half of the band about it, in its unit; absent: no band. */
  band?: number;
}

/** Values of one day by series. */
export type DayPoint = { day: string } & Readonly<Record<string, number | string | null>>;

/** Points that are drawn at most: more would lie on each other. */
const MOST_POINTS = 160;
/** From so many points on dots would touch. */
const DOTS_UP_TO = 60;
const HEIGHT = 180;

const LOOKS = {
  solid: { stroke: "var(--ember)", dash: undefined, fill: "var(--ember)" },
  dashed: { stroke: "var(--ink)", dash: "5 4", fill: "var(--chalk)" },
} as const;

const dayOf = (ms: number) => format(ms, "d MMM yy");

/** Series over time, each with its points and, where it has one, the band of its error. */
export function TimeChart({
  points,
  series,
  say,
  goodFrom,
}: {
  points: readonly DayPoint[];
  series: readonly Series[];
  /** A value with its unit. */
  say: (value: number) => string;
  /** A line to hold values against; absent: none. */
  goodFrom?: number;
}) {
  const data = thinOut(points, MOST_POINTS).map((p) => {
    const bands = series.flatMap(({ key, band }) => {
      const value = p[key];
      return band && typeof value === "number" ? [[`${key} band`, [value - band, value + band]]] : [];
    });
    return { ...p, ...Object.fromEntries(bands), at: parseISO(p.day).getTime() };
  });
  const reach = data.flatMap((p) =>
    series.flatMap(({ key, band = 0 }) => {
      const value = (p as DayPoint)[key];
      return typeof value === "number" ? [value - band, value + band] : [];
    }),
  );
  const hasDots = data.length <= DOTS_UP_TO;
  return (
    <ResponsiveContainer width="100%" height={HEIGHT}>
      <ComposedChart
        data={data}
        margin={{ top: 8, right: 12, bottom: 0, left: 0 }}
        accessibilityLayer={false}
      >
        <CartesianGrid vertical={false} {...GRID} />
        <XAxis {...TIME_AXIS} ticks={dayMarks(data)} tickFormatter={dayOf} />
        <YAxis {...VALUE_AXIS} {...roundAxis(reach)} width={52} tickFormatter={say} />
        <Tooltip
          isAnimationActive={false}
          cursor={{ stroke: "var(--line-strong)" }}
          content={({ payload }) => {
            const point = payload?.[0]?.payload as DayPoint | undefined;
            if (!point) return null;
            const said = series.flatMap(({ key, name }) => {
              const value = point[key];
              return typeof value === "number" ? [`${name} ${say(value)}`] : [];
            });
            return (
              <span className="border border-ink bg-field px-2 py-1 text-xs">
                <b>{said.join(", ")}</b>, {format(parseISO(point.day), "d MMM yyyy")}
              </span>
            );
          }}
        />
        {goodFrom !== undefined && (
          <ReferenceLine y={goodFrom} stroke="var(--ink-faint)" strokeDasharray="2 3" />
        )}
        {series
          .filter((s) => s.band)
          .map(({ key, look }) => (
            <Area
              key={`${key} band`}
              dataKey={`${key} band`}
              stroke="none"
              fill={LOOKS[look].stroke}
              fillOpacity={0.1}
              isAnimationActive={false}
              connectNulls
            />
          ))}
        {series.map(({ key, look }) => (
          <Line
            key={key}
            dataKey={key}
            stroke={LOOKS[look].stroke}
            strokeDasharray={LOOKS[look].dash}
            strokeWidth={2}
            isAnimationActive={false}
            connectNulls
            dot={
              hasDots && {
                r: 3.5,
                strokeWidth: 2,
                strokeDasharray: "",
                stroke: LOOKS[look].stroke,
                fill: LOOKS[look].fill,
              }
            }
          />
        ))}
      </ComposedChart>
    </ResponsiveContainer>
  );
}
