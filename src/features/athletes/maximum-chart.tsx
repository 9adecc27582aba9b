"use client";

import { format, parseISO } from "date-fns";
import { CartesianGrid, Line, LineChart, ResponsiveContainer, Tooltip, XAxis, YAxis } from "recharts";
import type { MaximumOfDay } from "@/core/strength";
import { formatWeight, type UnitSystem, type Weight } from "@/core/units";
import { dayMarks, GRID, roundAxis, TIME_AXIS, VALUE_AXIS } from "@/features/shared/chart-look";

/** To the nearest half, as a maximum is said. Fine units. */
const HALF = 500;
const inWords = (maximum: number) => formatWeight((Math.round(maximum / HALF) * HALF) as Weight);

const dayOf = (ms: number) => format(ms, "d MMM yy");

/** How somebody's maximum of a lift has gone: a dot that is filled was tested, the others are estimated. */
export function MaximumChart({
  history,
  unit,
  name,
}: {
  history: readonly MaximumOfDay[];
  unit: UnitSystem;
  /** Of the lift. */
  name: string;
}) {
  const data = history.map((h) => ({ ...h, at: parseISO(h.day).getTime() }));
  const [first, last] = [history[0]!, history.at(-1)!];
  const said = `${name}, maximum: ${inWords(first.maximum)} ${unit} on ${format(parseISO(first.day), "d MMM yyyy")}, ${inWords(last.maximum)} ${unit} on ${format(parseISO(last.day), "d MMM yyyy")}.`;
  return (
    <figure className="mt-3">
      {/* Until it has measured itself anew, a chart is as wide as the window was before. */}
      <div role="img" aria-label={said} className="overflow-hidden">
        <ResponsiveContainer width="100%" height={132}>
          <LineChart
            data={data}
            margin={{ top: 8, right: 12, bottom: 0, left: 0 }}
            accessibilityLayer={false}
          >
            <CartesianGrid vertical={false} {...GRID} />
            <XAxis {...TIME_AXIS} ticks={dayMarks(data)} tickFormatter={dayOf} />
            <YAxis
              {...VALUE_AXIS}
              {...roundAxis(data.map((d) => d.maximum))}
              width={44}
              tickFormatter={inWords}
            />
            <Tooltip
              isAnimationActive={false}
              cursor={{ stroke: "var(--line-strong)" }}
              content={({ payload }) => {
                const at = payload?.[0]?.payload as MaximumOfDay | undefined;
                return at ? (
                  <span className="border border-ink bg-field px-2 py-1 text-xs">
                    <b>
                      {inWords(at.maximum)} {unit}
                    </b>{" "}
                    {at.isTested ? "tested" : "estimated"}, {format(parseISO(at.day), "d MMM yyyy")}
                  </span>
                ) : null;
              }}
            />
            <Line
              dataKey="maximum"
              type="linear"
              stroke="var(--ember)"
              strokeWidth={2}
              isAnimationActive={false}
              dot={({ cx, cy, payload, key }) => (
                <circle
                  key={key}
                  cx={cx}
                  cy={cy}
                  r={3.5}
                  strokeWidth={2}
                  stroke="var(--ember)"
                  fill={(payload as MaximumOfDay).isTested ? "var(--ember)" : "var(--chalk)"}
                />
              )}
            />
          </LineChart>
        </ResponsiveContainer>
      </div>
      <figcaption className="text-2xs text-ink-soft">
        Maximum, {unit}: filled where it was tested, else estimated from the working sets.
      </figcaption>
    </figure>
  );
}
