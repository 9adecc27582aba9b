import { PHASE_NAMES } from "@/core/catalog";
import type { Stair, Tread } from "@/core/plan";
import { formatClock } from "@/core/units";
import { STAIR, type StairScale } from "./stair-scale";

/** The floor with its minutes. */
export function Ground({
  stair,
  scale,
  end,
  width,
}: {
  stair: Stair;
  scale: StairScale;
  end: number;
  width: number;
}) {
  const minutes = Array.from({ length: Math.floor(end / 60) + 1 }, (_, m) => m);
  const every = scale.perSecond * 60 < 26 ? 5 : 1;
  const over = stair.seconds - stair.available;
  return (
    <g aria-hidden>
      <defs>
        <pattern
          id="over-time"
          width={6}
          height={6}
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width={2} height={6} className="fill-ember" opacity={0.35} />
        </pattern>
      </defs>
      {over > 0 && (
        <rect
          x={scale.x(stair.available)}
          y={STAIR.top}
          width={over * scale.perSecond}
          height={STAIR.ground - STAIR.top}
          fill="url(#over-time)"
        />
      )}
      <line x1={0} x2={width} y1={STAIR.ground} y2={STAIR.ground} className="stroke-ink" strokeWidth={1.5} />
      {minutes.map((m) => (
        <g key={m}>
          <line
            x1={scale.x(m * 60)}
            x2={scale.x(m * 60)}
            y1={STAIR.ground}
            y2={STAIR.ground + (m % 5 === 0 ? 7 : 4)}
            className="stroke-ink"
          />
          {m % every === 0 && (
            <text
              x={scale.x(m * 60)}
              y={STAIR.ground + 19}
              textAnchor="middle"
              className="fill-ink-faint text-[11px] tabular-nums"
            >
              {m}
            </text>
          )}
        </g>
      ))}
    </g>
  );
}

/** What a stretch of the stair is called: the round of a circuit, or the phase. */
function spanName({ round, phase }: Tread): string {
  if (round !== null) return `Round ${round}`;
  if (phase === "test") return "Test";
  return phase === "ramp" || phase === "work" ? "Ramp" : PHASE_NAMES[phase];
}

/** How wide a letter of the phases' names is at most, and how many a clock time has. Pixels. */
const LETTER = 6.2;
const CLOCK_LETTERS = 6;
/** Letters of the time there is and what is left of it. */
const TIME_LETTERS = 17;

/** Which stretch of time is which phase, or which round. */
export function Phases({ stair, scale }: { stair: Stair; scale: StairScale }) {
  const spans: { name: string; from: number; to: number }[] = [];
  for (const tread of stair.treads) {
    if (tread.kind === "work") continue;
    const name = spanName(tread);
    const last = spans.at(-1);
    if (last?.name === name) last.to = tread.nextAt;
    else spans.push({ name, from: tread.startsAt, to: tread.nextAt });
  }
  // Where the words of the time that is left stand, no name does.
  const end = scale.x(stair.available) - LETTER * TIME_LETTERS;
  return (
    <g aria-hidden>
      {spans.map(({ name, from, to }) => {
        const wide = Math.min((to - from) * scale.perSecond, end - scale.x(from));
        return (
          <g key={`${name}-${from}`}>
            <line
              x1={scale.x(from) + 1}
              x2={scale.x(to) - 3}
              y1={STAIR.ground + 30}
              y2={STAIR.ground + 30}
              className="stroke-line-strong"
            />
            {wide > LETTER * name.length && (
              <text
                x={scale.x(from) + 1}
                y={STAIR.ground + 45}
                className="fill-ink-soft text-xs font-semibold condensed"
              >
                {name}
                {wide > LETTER * (name.length + CLOCK_LETTERS) && (
                  <tspan className="fill-ink-faint font-normal"> {formatClock(to - from)}</tspan>
                )}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}

/** The vertical line of the time there is, and what is left or too much. */
export function TimeLine({ stair, scale }: { stair: Stair; scale: StairScale }) {
  const x = scale.x(stair.available);
  const spare = stair.available - stair.seconds;
  const words = spare >= 0 ? `${formatClock(spare)} spare` : `${formatClock(-spare)} over`;
  return (
    <g aria-hidden className="pointer-events-none">
      <line
        x1={x}
        x2={x}
        y1={40}
        y2={STAIR.ground + 8}
        className="stroke-ink"
        strokeWidth={1.5}
        strokeDasharray="1 3"
        strokeLinecap="round"
      />
      <text x={x - 6} y={STAIR.ground + 45} textAnchor="end" className="text-xs condensed">
        <tspan className="fill-ink font-bold">{stair.available / 60} min</tspan>
        <tspan className={spare >= 0 ? "fill-ink-soft" : "fill-ember font-bold"} dx={6}>
          {words}
        </tspan>
      </text>
    </g>
  );
}
