"use client";

import { type PointerEvent, useEffect, useRef, useState } from "react";
import { PHASE_NAMES } from "@/core/catalog";
import { doseForSeconds } from "@/core/dose";
import type { Plan } from "@/core/plan";
import type { Stair, Tread } from "@/core/stair";
import { formatClock, formatSeconds, formatWeight, type Weight } from "@/core/units";
import type { GymKit, WarmUpEdit } from "@/core/warm-up";
import { heatColour } from "@/ui/heat";
import { Sleeve } from "@/ui/plate-strip";
import { type Chosen, chosenOf, sameChoice } from "./selection";

/** The drawing's measures, in pixels. */
const HEIGHT = 352;
const TOP = 88;
const GROUND = 298;
const SIDE = 28;
const PLATE_SCALE = 0.105;
/** Room to the right of the landing or the time there is, as seconds. */
const ROOM_SECONDS = 12;
const USUAL_WIDTH = 1280;
/** A set's label goes above its tread if the column is lower than this. */
const LABEL_HEIGHT = 46;

interface Scale {
  x: (seconds: number) => number;
  y: (height: number) => number;
  perSecond: number;
}

function useWidth() {
  const box = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(USUAL_WIDTH);
  useEffect(() => {
    const element = box.current;
    if (!element) return;
    const observer = new ResizeObserver(() => setWidth(Math.max(360, element.clientWidth)));
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return { box, width };
}

/** The warm-up as a stair that climbs to the working weight: the plan's picture and its handle. */
export function StairView({
  stair,
  plan,
  gym,
  chosen,
  weights,
  onChoose,
  onTry,
  onEdit,
}: {
  stair: Stair;
  plan: Plan;
  gym: GymKit;
  chosen: Chosen;
  /** What the ramp sets can be loaded to, lightest first. */
  weights: readonly Weight[];
  onChoose: (chosen: Chosen) => void;
  onTry: (edit: WarmUpEdit | null) => void;
  onEdit: (edit: WarmUpEdit) => void;
}) {
  const { box, width } = useWidth();
  const end = Math.max(stair.available, stair.treads.at(-1)?.nextAt ?? 0, stair.seconds) + ROOM_SECONDS;
  const perSecond = (width - 2 * SIDE) / end;
  const scale: Scale = {
    perSecond,
    x: (seconds) => SIDE + seconds * perSecond,
    y: (height) => GROUND - height * (GROUND - TOP),
  };
  return (
    <div ref={box} className="w-full min-w-0 overflow-hidden">
      {/* biome-ignore lint/a11y/useSemanticElements: a group of treads inside a drawing has no HTML element */}
      <svg
        role="group"
        aria-label="The warm-up as a stair: time across, effort up"
        width={width}
        height={HEIGHT}
        className="block touch-pan-y select-none"
      >
        <Ground stair={stair} scale={scale} end={end} width={width} />
        {stair.treads.map((tread) => (
          <TreadShape
            key={`${tread.kind}-${tread.index}`}
            {...{ tread, plan, gym, scale, weights, onTry, onEdit }}
            isChosen={sameChoice(chosenOf(tread, plan), chosen)}
            onChoose={() => onChoose(chosenOf(tread, plan))}
          />
        ))}
        <Phases stair={stair} scale={scale} />
        <TimeLine stair={stair} scale={scale} />
      </svg>
    </div>
  );
}

/** The floor with its minutes. */
function Ground({ stair, scale, end, width }: { stair: Stair; scale: Scale; end: number; width: number }) {
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
          y={TOP}
          width={over * scale.perSecond}
          height={GROUND - TOP}
          fill="url(#over-time)"
        />
      )}
      <line x1={0} x2={width} y1={GROUND} y2={GROUND} className="stroke-ink" strokeWidth={1.5} />
      {minutes.map((m) => (
        <g key={m}>
          <line
            x1={scale.x(m * 60)}
            x2={scale.x(m * 60)}
            y1={GROUND}
            y2={GROUND + (m % 5 === 0 ? 7 : 4)}
            className="stroke-ink"
          />
          {m % every === 0 && (
            <text
              x={scale.x(m * 60)}
              y={GROUND + 19}
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

/** Which stretch of time is which phase. */
function Phases({ stair, scale }: { stair: Stair; scale: Scale }) {
  const spans: { phase: Tread["phase"]; from: number; to: number }[] = [];
  for (const tread of stair.treads) {
    if (tread.kind === "work") continue;
    const last = spans.at(-1);
    if (last?.phase === tread.phase) last.to = tread.nextAt;
    else spans.push({ phase: tread.phase, from: tread.startsAt, to: tread.nextAt });
  }
  return (
    <g aria-hidden>
      {spans.map(({ phase, from, to }) => {
        const name = phase === "ramp" || phase === "work" ? "Ramp" : PHASE_NAMES[phase];
        const wide = (to - from) * scale.perSecond;
        return (
          <g key={`${phase}-${from}`}>
            <line
              x1={scale.x(from) + 1}
              x2={scale.x(to) - 3}
              y1={GROUND + 30}
              y2={GROUND + 30}
              className="stroke-line-strong"
            />
            {wide > 40 && (
              <text
                x={scale.x(from) + 1}
                y={GROUND + 45}
                className="fill-ink-soft text-xs font-semibold condensed"
              >
                {name}
                {wide > 92 && <tspan className="fill-ink-faint font-normal"> {formatClock(to - from)}</tspan>}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}

/** The vertical line of the time there is, and what is left or too much. */
function TimeLine({ stair, scale }: { stair: Stair; scale: Scale }) {
  const x = scale.x(stair.available);
  const spare = stair.available - stair.seconds;
  const words = spare >= 0 ? `${formatClock(spare)} spare` : `${formatClock(-spare)} over`;
  return (
    <g aria-hidden>
      <line
        x1={x}
        x2={x}
        y1={40}
        y2={GROUND + 24}
        className="stroke-ink"
        strokeWidth={1.5}
        strokeDasharray="1 3"
        strokeLinecap="round"
      />
      <text x={x - 6} y={GROUND + 45} textAnchor="end" className="text-xs condensed">
        <tspan className="fill-ink font-bold">{stair.available / 60} min</tspan>
        <tspan className={spare >= 0 ? "fill-ink-soft" : "fill-ember font-bold"} dx={6}>
          {words}
        </tspan>
      </text>
    </g>
  );
}

function labelOf(tread: Tread, plan: Plan, unit: string): string {
  if (tread.kind === "drill") {
    const step = plan.steps[tread.index]!;
    return `${tread.index + 1}, ${step.drill.name}, ${PHASE_NAMES[step.phase]}, from ${formatClock(tread.startsAt)}, ${formatSeconds(step.seconds)}`;
  }
  const ramp = plan.ramps[0]!;
  if (tread.kind === "work") return `First working set, ${formatWeight(ramp.working.weight)} ${unit}`;
  const set = ramp.sets[tread.index]!;
  return `Ramp set ${tread.index + 1}, ${formatWeight(set.weight)} ${unit}, ${set.reps} reps, ${Math.round(set.fraction * 100)} %, from ${formatClock(tread.startsAt)}`;
}

function TreadShape({
  tread,
  plan,
  gym,
  scale,
  weights,
  isChosen,
  onChoose,
  onTry,
  onEdit,
}: {
  tread: Tread;
  plan: Plan;
  gym: GymKit;
  scale: Scale;
  weights: readonly Weight[];
  isChosen: boolean;
  onChoose: () => void;
  onTry: (edit: WarmUpEdit | null) => void;
  onEdit: (edit: WarmUpEdit) => void;
}) {
  const left = scale.x(tread.startsAt);
  const top = scale.y(tread.height);
  const wide = Math.max(2, (tread.nextAt - tread.startsAt) * scale.perSecond);
  const busy = Math.max(2, (tread.endsAt - tread.startsAt) * scale.perSecond - 1);
  const colour = heatColour(tread.heat);
  const isWork = tread.kind === "work";
  return (
    // biome-ignore lint/a11y/useSemanticElements: a shape inside a drawing cannot be an HTML button
    <g
      role="button"
      tabIndex={isChosen ? 0 : -1}
      data-tread={`${tread.kind}-${tread.index}`}
      aria-label={labelOf(tread, plan, gym.unit)}
      aria-pressed={isChosen}
      onClick={onChoose}
      onKeyDown={(e) => {
        if (e.key === "Enter" || e.key === " ") {
          e.preventDefault();
          onChoose();
        }
      }}
      className="group outline-none"
    >
      <rect x={left} y={0} width={wide} height={GROUND} fill="transparent" />
      <rect
        x={left}
        y={top}
        width={wide}
        height={GROUND - top}
        fill={heatColour(tread.heat, isWork ? 1 : isChosen ? 0.5 : 0.26)}
        className="group-hover:brightness-[0.96]"
      />
      <rect x={left} y={top} width={wide} height={2} fill={colour} />
      <rect x={left} y={top} width={busy} height={tread.kind === "drill" ? 5 : 8} fill={colour} />
      <line x1={left} x2={left} y1={top} y2={GROUND} stroke={colour} strokeWidth={1} />
      {tread.kind === "drill" && (
        <text
          x={left + Math.min(wide / 2, busy / 2)}
          y={top - 6}
          textAnchor="middle"
          className={`text-[11px] tabular-nums ${isChosen ? "fill-ink font-bold" : "fill-ink-soft font-medium"}`}
        >
          {tread.index + 1}
        </text>
      )}
      {tread.kind !== "drill" && <LoadLabel {...{ tread, plan, gym, left, top, wide }} />}
      {isChosen && (
        <rect
          x={left + 0.5}
          y={top - 0.5}
          width={Math.max(2, wide - 1)}
          height={GROUND - top}
          fill="none"
          className="stroke-ink group-focus-visible:[stroke-width:3]"
          strokeWidth={2}
        />
      )}
      {tread.kind === "set" && <WeightHandle {...{ tread, plan, scale, weights, onTry, onEdit, onChoose }} />}
      {tread.kind === "drill" && <DoseHandle {...{ tread, plan, scale, onTry, onEdit, onChoose }} />}
    </g>
  );
}

/** Weight, reps and plates of a ramp set or of the working sets. */
function LoadLabel({
  tread,
  plan,
  gym,
  left,
  top,
  wide,
}: {
  tread: Tread;
  plan: Plan;
  gym: GymKit;
  left: number;
  top: number;
  wide: number;
}) {
  const ramp = plan.ramps[0]!;
  const load = tread.kind === "set" ? ramp.sets[tread.index]! : ramp.working;
  const words = formatWeight(load.weight);
  const tallest = Math.max(...gym.plates.map((p) => p.diameterMm), 200);
  const plates = (
    <Sleeve
      plates={gym.plates}
      perSide={load.perSide}
      x={left + 3}
      y={top - 2}
      scale={PLATE_SCALE}
      tallest={tallest}
    />
  );
  if (tread.kind === "work") {
    return (
      <g>
        {plates}
        <text
          x={left + wide}
          y={top - tallest * PLATE_SCALE - 10}
          textAnchor="end"
          className="fill-ember text-[26px] font-extrabold condensed tabular-nums"
        >
          {words}
          <tspan className="text-[15px] font-bold"> {gym.unit}</tspan>
        </text>
      </g>
    );
  }
  const set = ramp.sets[tread.index]!;
  const low = GROUND - top < LABEL_HEIGHT;
  const narrow = wide < 44;
  // On a low tread the label stands above the loaded sleeve, so that a bare bar does not read as a minus.
  const highest = Math.max(
    0,
    ...load.perSide.map((w) => gym.plates.find((p) => p.weight === w)?.diameterMm ?? 0),
  );
  const peak = ((tallest + highest) / 2) * PLATE_SCALE;
  const x = left + 5;
  const y = low ? top - peak - 22 : top + 29;
  return (
    <g>
      {plates}
      {wide >= 20 && (
        <text
          x={x}
          y={y}
          className={`fill-ink font-bold condensed tabular-nums ${narrow ? "text-sm" : "text-[22px]"}`}
        >
          {words}
        </text>
      )}
      {wide >= 20 && (
        <text x={x} y={y + 15} className="fill-ink-soft text-[11px] condensed tabular-nums">
          × {set.reps}
          {wide >= 62 && ` · ${Math.round(set.fraction * 100)} %`}
        </text>
      )}
    </g>
  );
}

interface HandleProps {
  tread: Tread;
  plan: Plan;
  scale: Scale;
  onTry: (edit: WarmUpEdit | null) => void;
  onEdit: (edit: WarmUpEdit) => void;
  onChoose: () => void;
}

/** Follows a drag on a handle; while it moves the edit is tried out, where it ends it is made. */
function useDrag({ onTry, onEdit, onChoose }: Pick<HandleProps, "onTry" | "onEdit" | "onChoose">) {
  const start = useRef<{ x: number; y: number } | null>(null);
  const last = useRef<WarmUpEdit | null>(null);
  return (toEdit: (dx: number, dy: number) => WarmUpEdit | null) => ({
    onPointerDown: (e: PointerEvent<SVGRectElement>) => {
      e.currentTarget.setPointerCapture(e.pointerId);
      start.current = { x: e.clientX, y: e.clientY };
      last.current = null;
      onChoose();
    },
    onPointerMove: (e: PointerEvent<SVGRectElement>) => {
      if (!start.current) return;
      const edit = toEdit(e.clientX - start.current.x, e.clientY - start.current.y);
      if (JSON.stringify(edit) === JSON.stringify(last.current)) return;
      last.current = edit;
      onTry(edit);
    },
    onPointerUp: () => {
      if (last.current) onEdit(last.current);
      start.current = null;
      last.current = null;
    },
    onPointerCancel: () => {
      onTry(null);
      start.current = null;
      last.current = null;
    },
  });
}

/** The grip on a ramp set's tread: up and down changes its weight to what can be loaded. */
function WeightHandle({
  tread,
  plan,
  scale,
  weights,
  ...rest
}: HandleProps & { weights: readonly Weight[] }) {
  const origin = useRef({ height: tread.height, working: 1, sets: 0, below: 0, above: 0 });
  const drag = useDrag(rest);
  const handlers = drag((_dx, dy) => {
    const { height, working, sets, below, above } = origin.current;
    const wanted = (height - dy / (scale.y(0) - scale.y(1))) * working;
    const free = weights.filter((w) => w > below && w < above);
    if (free.length === 0) return null;
    const weight = free.reduce((a, b) => (Math.abs(b - wanted) < Math.abs(a - wanted) ? b : a));
    return { kind: "set-weight", set: tread.index, weight, sets };
  });
  return (
    <rect
      x={scale.x(tread.startsAt)}
      y={scale.y(tread.height) - 7}
      width={Math.max(8, (tread.nextAt - tread.startsAt) * scale.perSecond - 2)}
      height={16}
      fill="transparent"
      className="cursor-ns-resize touch-none"
      {...handlers}
      onPointerDown={(e) => {
        const ramp = plan.ramps[0]!;
        origin.current = {
          height: tread.height,
          working: ramp.working.weight,
          sets: ramp.sets.length,
          below: ramp.sets[tread.index - 1]?.weight ?? 0,
          above: ramp.sets[tread.index + 1]?.weight ?? ramp.working.weight,
        };
        handlers.onPointerDown(e);
      }}
    />
  );
}

/** The grip on a drill's far edge: left and right changes its dose within its range. */
function DoseHandle({ tread, plan, scale, ...rest }: HandleProps) {
  const origin = useRef({ seconds: 0, perSecond: 1 });
  const { drill, dose, seconds } = plan.steps[tread.index]!;
  const drag = useDrag(rest);
  const handlers = drag((dx) => {
    const wanted = origin.current.seconds + dx / origin.current.perSecond;
    const next = doseForSeconds(drill.dose, Math.max(0, wanted));
    if (next.sets === dose.sets && next.amount === dose.amount && dx === 0) return null;
    return { kind: "pin", drill: drill.id, dose: next };
  });
  const width = Math.min(10, (tread.endsAt - tread.startsAt) * scale.perSecond * 0.4);
  return (
    <rect
      x={scale.x(tread.endsAt) - width}
      y={scale.y(tread.height) - 4}
      width={width + 2}
      height={GROUND - scale.y(tread.height) + 4}
      fill="transparent"
      className="cursor-ew-resize touch-none"
      {...handlers}
      onPointerDown={(e) => {
        const setUp = seconds - (tread.endsAt - tread.startsAt);
        origin.current = { seconds: seconds - setUp - drill.setUpSeconds, perSecond: scale.perSecond };
        handlers.onPointerDown(e);
      }}
    />
  );
}
