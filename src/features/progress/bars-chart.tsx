"use client";

import { Bar, BarChart, CartesianGrid, ResponsiveContainer, Tooltip, XAxis, YAxis } from "recharts";
import { thinOut } from "@/core/progress";
import { BASE_AXIS, GRID, VALUE_AXIS } from "@/features/shared/chart-look";

/** Planned and real minutes of something. */
export interface PlannedReal {
  name: string;
  planned: number;
  real: number;
}

const HEIGHT = 200;
/** Pairs of bars that are drawn at most. */
const MOST_BARS = 40;

const inMinutes = (n: number) => `${Math.round(n * 10) / 10} min`;

/** Planned minutes beside real ones, pair by pair: outlined and filled. */
export function BarsChart({ rows }: { rows: readonly PlannedReal[] }) {
  return (
    <ResponsiveContainer width="100%" height={HEIGHT}>
      <BarChart
        data={[...thinOut(rows, MOST_BARS)]}
        margin={{ top: 8, right: 12, bottom: 0, left: 0 }}
        accessibilityLayer={false}
        barGap={1}
      >
        <CartesianGrid vertical={false} {...GRID} />
        <XAxis {...BASE_AXIS} dataKey="name" minTickGap={12} />
        <YAxis {...VALUE_AXIS} width={52} tickCount={5} tickFormatter={inMinutes} />
        <Tooltip
          isAnimationActive={false}
          cursor={{ fill: "var(--chalk-deep)" }}
          content={({ payload }) => {
            const row = payload?.[0]?.payload as PlannedReal | undefined;
            return row ? (
              <span className="border border-ink bg-field px-2 py-1 text-xs">
                <b>{row.name}</b>: planned {inMinutes(row.planned)}, took {inMinutes(row.real)}
              </span>
            ) : null;
          }}
        />
        <Bar
          dataKey="planned"
          fill="var(--chalk)"
          stroke="var(--ink)"
          strokeWidth={1.5}
          isAnimationActive={false}
          maxBarSize={18}
        />
        <Bar dataKey="real" fill="var(--ember)" isAnimationActive={false} maxBarSize={18} />
      </BarChart>
    </ResponsiveContainer>
  );
}
