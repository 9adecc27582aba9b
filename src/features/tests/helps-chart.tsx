"use client";

import {
  CartesianGrid,
  ErrorBar,
  ReferenceLine,
  ResponsiveContainer,
  Scatter,
  ScatterChart,
  Tooltip,
  XAxis,
  YAxis,
} from "recharts";
import { type AthleteTest, testNumber } from "@/core/response";
import { BASE_AXIS, GRID } from "@/features/shared/chart-look";
import type { NamedResponse } from "@/server/trials/open-tests";
import { responseInWords } from "./test-words";

/** Half of an interval that holds nine times in ten, in standard deviations. */
const NINE_IN_TEN = 1.645;
const ROW_HEIGHT = 30;
const NAME_WIDTH = 190;
/** Letters of a name that have room. */
const MOST_LETTERS = 30;

const shortened = (name: string) =>
  name.length > MOST_LETTERS ? `${name.slice(0, MOST_LETTERS - 1)}…` : name;

/** What drills do for one demand, as dots with their intervals: filled where it is known to help. */
export function HelpsChart({ test, responses }: { test: AthleteTest; responses: readonly NamedResponse[] }) {
  const rows = responses
    .map((r, i) => ({
      y: responses.length - i,
      name: r.name,
      effect: r.effect.mean * test.measurementError,
      half: NINE_IN_TEN * Math.sqrt(r.effect.variance) * test.measurementError,
      response: r,
    }))
    .toReversed();
  const nameAt = (y: number) => shortened(rows.find((r) => r.y === y)?.name ?? "");
  const bound = (sign: 1 | -1) =>
    rows.reduce((most, r) => Math.max(most, sign * r.effect + r.half), test.measurementError);
  const [least, most] = [-Math.ceil(bound(-1)), Math.ceil(bound(1))];
  return (
    <figure className="mt-1">
      <div
        role="img"
        aria-label={`What drills do for ${test.name.toLowerCase()}: see the list below.`}
        className="overflow-hidden"
      >
        <ResponsiveContainer width="100%" height={rows.length * ROW_HEIGHT + 36}>
          <ScatterChart margin={{ top: 6, right: 16, bottom: 0, left: 0 }} accessibilityLayer={false}>
            <CartesianGrid horizontal={false} {...GRID} />
            <XAxis
              {...BASE_AXIS}
              dataKey="effect"
              type="number"
              domain={[least, most]}
              tickFormatter={(n: number) => testNumber(test, n)}
            />
            <YAxis
              dataKey="y"
              type="number"
              domain={[0.5, rows.length + 0.5]}
              ticks={rows.map((r) => r.y)}
              tickFormatter={nameAt}
              width={NAME_WIDTH}
              interval={0}
              tickLine={false}
              axisLine={false}
              tick={{ fontSize: 12, fill: "var(--ink)" }}
            />
            <ReferenceLine x={0} stroke="var(--ink)" />
            <Tooltip
              isAnimationActive={false}
              cursor={false}
              content={({ payload }) => {
                const row = payload?.[0]?.payload as (typeof rows)[number] | undefined;
                return row ? (
                  <span className="block max-w-72 border border-ink bg-field px-2 py-1 text-xs">
                    <b>{row.name}</b>
                    <br />
                    {responseInWords(row.response, test)}
                  </span>
                ) : null;
              }}
            />
            <Scatter
              data={rows}
              isAnimationActive={false}
              shape={({ cx, cy, payload }: { cx?: number; cy?: number; payload?: (typeof rows)[number] }) => (
                <circle
                  cx={cx}
                  cy={cy}
                  r={5}
                  strokeWidth={2}
                  stroke="var(--ember)"
                  fill={payload?.response.verdict === "helps" ? "var(--ember)" : "var(--chalk)"}
                />
              )}
            >
              <ErrorBar dataKey="half" direction="x" width={0} strokeWidth={2} stroke="var(--ink-faint)" />
            </Scatter>
          </ScatterChart>
        </ResponsiveContainer>
      </div>
      <figcaption className="text-2xs text-ink-soft">
        What one go changes, {test.name.toLowerCase()}: the best estimate, with where it lies nine times in
        ten. Filled: known to help.
      </figcaption>
    </figure>
  );
}
