"use client";

import { Bar, BarChart, CartesianGrid, ResponsiveContainer, Tooltip, XAxis, YAxis } from "recharts";
import { thinOut } from "@/core/progress";
import { BASE_AXIS, GRID, VALUE_AXIS } from "@/features/shared/chart-look";

/** Two numbers of something, as planned and real, or first and latest. */
export interface Pair {
  name: string;
  before: number;
  after: number;
}

const HEIGHT = 200;
/** Pairs of bars that are drawn at most. */
const MOST_BARS = 40;

/** Numbers beside each other, pair by pair: outlined and filled. */
export function PairsChart({
  rows,
  words,
  say,
}: {
  rows: readonly Pair[];
  /** What the two are: "planned", "took". */
  words: readonly [before: string, after: string];
  say: (n: number) => string;
}) {
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
        <YAxis {...VALUE_AXIS} width={58} tickCount={5} tickFormatter={say} />
        <Tooltip
          isAnimationActive={false}
          cursor={{ fill: "var(--chalk-deep)" }}
          content={({ payload }) => {
            const row = payload?.[0]?.payload as Pair | undefined;
            return row ? (
              <span className="border border-ink bg-field px-2 py-1 text-xs">
                <b>{row.name}</b>: {words[0]} {say(row.before)}, {words[1]} {say(row.after)}
              </span>
            ) : null;
          }}
        />
        <Bar
          dataKey="before"
          fill="var(--chalk)"
          stroke="var(--ink)"
          strokeWidth={1.5}
          isAnimationActive={false}
          maxBarSize={18}
        />
        <Bar dataKey="after" fill="var(--ember)" isAnimationActive={false} maxBarSize={18} />
      </BarChart>
    </ResponsiveContainer>
  );
}
