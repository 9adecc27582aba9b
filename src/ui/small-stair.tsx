import type { Stair } from "@/core/stair";
import { heatColour } from "./heat";

/** The stair as a small picture without labels: in lists and on the card. */
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
  label: string;
}) {
  const x = (seconds: number) => (seconds / (minutes * 60)) * width;
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`0 0 ${width} ${height}`}
      className="block w-full overflow-visible"
    >
      {stair.treads.map((tread) => {
        const top = height - tread.height * (height - 3);
        const colour = heatColour(tread.heat);
        return (
          <g key={`${tread.kind}-${tread.index}`}>
            <rect
              x={x(tread.startsAt)}
              y={top}
              width={Math.max(0.5, x(tread.nextAt) - x(tread.startsAt))}
              height={height - top}
              fill={heatColour(tread.heat, tread.kind === "work" ? 1 : 0.3)}
            />
            <rect
              x={x(tread.startsAt)}
              y={top}
              width={Math.max(1, x(tread.endsAt) - x(tread.startsAt) - 0.5)}
              height={2.5}
              fill={colour}
            />
          </g>
        );
      })}
      <line x1={0} x2={width} y1={height} y2={height} className="stroke-line-strong" strokeWidth={0.75} />
      <line
        x1={x(stair.available)}
        x2={x(stair.available)}
        y1={0}
        y2={height}
        className="stroke-ink"
        strokeWidth={1}
        strokeDasharray="2 2"
      />
    </svg>
  );
}
