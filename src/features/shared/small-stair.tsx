import { useId } from "react";
import type { Stair, Tread } from "@/core/plan";
import { heatColour } from "./heat";

/** Corners of a rectangle as a piece of a path. */
function box(x: number, y: number, width: number, height: number): string {
  const round = (n: number) => Math.round(n * 10) / 10;
  return `M${round(x)} ${round(y)}h${round(width)}v${round(height)}h${round(-width)}z`;
}

/** Treads at which the heat is said: between them it changes evenly. */
function heatMarks(treads: readonly Tread[]): Tread[] {
  const isDrill = (t: Tread) => t.kind === "drill" || t.kind === "test";
  const drills = treads.filter(isDrill);
  return treads.filter((t) => !isDrill(t) || t === drills[0] || t === drills.at(-1));
}

/**
 * The stair as a small picture without labels: in lists and on the card. A list has many of them, so all treads are two
 * shapes in one colour that warms from left to right.
 */
export function SmallStair({
  stair,
  width,
  height,
  minutes,
  label,
}: {
  stair: Stair;
  width: number;
  height: number;
  /** How many minutes the width stands for, so that stairs under each other compare. */
  minutes: number;
  /** All that the stair says, see `stairInWords`. */
  label: string;
}) {
  const heat = useId();
  const x = (seconds: number) => (seconds / (minutes * 60)) * width;
  const top = (t: Tread) => height - t.height * (height - 3);
  const rising = stair.treads.filter((t) => t.kind !== "work");
  const work = stair.treads.find((t) => t.kind === "work");
  const bodies = rising.map((t) =>
    box(x(t.startsAt), top(t), Math.max(0.5, x(t.nextAt) - x(t.startsAt)), height - top(t)),
  );
  const tops = rising.map((t) =>
    box(x(t.startsAt), top(t), Math.max(1, x(t.endsAt) - x(t.startsAt) - 0.5), 2.5),
  );
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`0 0 ${width} ${height}`}
      className="block w-full overflow-visible"
    >
      <linearGradient id={heat} gradientUnits="userSpaceOnUse" x1={0} x2={width} y1={0} y2={0}>
        {heatMarks(stair.treads).map((t) => (
          <stop
            key={`${t.kind} ${t.index}`}
            offset={(x(t.startsAt) / width).toFixed(3)}
            stopColor={heatColour(t.heat)}
          />
        ))}
      </linearGradient>
      <path d={bodies.join("")} fill={`url(#${heat})`} opacity={0.3} />
      <path d={tops.join("")} fill={`url(#${heat})`} />
      {work && (
        <path
          d={box(x(work.startsAt), top(work), x(work.nextAt) - x(work.startsAt), height - top(work))}
          fill={heatColour(work.heat)}
        />
      )}
      <path d={`M0 ${height}H${width}`} className="stroke-line-strong" strokeWidth={0.75} />
      <path
        d={`M${x(stair.available).toFixed(1)} 0V${height}`}
        className="stroke-ink"
        strokeWidth={1}
        strokeDasharray="2 2"
      />
    </svg>
  );
}
