"use client";

import { PHASE_NAMES } from "@/core/catalog";
import type { WarmUpEdit } from "@/core/draft";
import type { GymKit } from "@/core/gym";
import type { LiftPlan, Tread } from "@/core/plan";
import { isBarKit } from "@/core/plates";
import { formatClock, formatSeconds, formatWeight, type Weight } from "@/core/units";
import { heatColour } from "@/features/shared/heat";
import { Sleeve } from "@/features/shared/plate-strip";
import { drillNumber } from "./selection";
import { DoseHandle, WeightHandle } from "./stair-handles";
import { STAIR, type StairScale } from "./stair-scale";

/** Pixels per millimetre of a plate. */
const PLATE_SCALE = 0.105;
/** How far above its tread a step can be clicked: what stands on it belongs to it. Pixels. */
const REACH = 40;
/** A set's label goes above its tread if the column is lower than this. */
const LABEL_HEIGHT = 46;

function labelOf(tread: Tread, plan: LiftPlan, unit: string): string {
  if (tread.kind === "drill") {
    const step = plan.steps[tread.index]!;
    const round = step.rounds > 1 ? `, round ${step.round} of ${step.rounds}` : "";
    return `${drillNumber(plan, tread.index)}, ${step.drill.name}${round}, ${PHASE_NAMES[step.phase]}, from ${formatClock(tread.startsAt)}, ${formatSeconds(step.seconds)}`;
  }
  if (tread.kind === "test") {
    const { drill, seconds } = plan.tests[tread.index]!;
    return `Test, ${drill.name}, from ${formatClock(tread.startsAt)}, ${formatSeconds(seconds)}`;
  }
  const ramp = plan.ramps[0]!;
  if (tread.kind === "work") return `First working set, ${formatWeight(ramp.working.weight)} ${unit}`;
  const set = ramp.sets[tread.index]!;
  return `Ramp set ${tread.index + 1}, ${formatWeight(set.weight)} ${unit}, ${set.reps} reps, ${Math.round(set.fraction * 100)} %, ${tread.index < ramp.done ? "done" : `from ${formatClock(tread.startsAt)}`}`;
}

/** One tread: its column, its slab, its label, and the grip to change it by. */
export function TreadShape({
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
  plan: LiftPlan;
  gym: GymKit;
  scale: StairScale;
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
  const isLow = tread.kind === "drill" || tread.kind === "test";
  const isDone = tread.kind === "set" && tread.index < plan.ramps[0]!.done;
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
      <rect x={left} y={top - REACH} width={wide} height={STAIR.ground - top + REACH} fill="transparent" />
      <rect
        x={left}
        y={top}
        width={wide}
        height={STAIR.ground - top}
        fill={heatColour(tread.heat, isWork ? 1 : isChosen ? 0.5 : 0.26)}
        className="group-hover:brightness-[0.96]"
      />
      <rect x={left} y={top} width={wide} height={2} fill={colour} />
      <rect x={left} y={top} width={busy} height={isLow ? 5 : 8} fill={colour} />
      <line x1={left} x2={left} y1={top} y2={STAIR.ground} stroke={colour} strokeWidth={1} />
      {isLow && (
        <text
          x={left + Math.min(wide / 2, busy / 2)}
          y={top - 6}
          textAnchor="middle"
          className={`text-[11px] tabular-nums ${isChosen ? "fill-ink font-bold" : "fill-ink-soft font-medium"}`}
        >
          {tread.kind === "drill" ? drillNumber(plan, tread.index) : "test"}
        </text>
      )}
      {!isLow && <LoadLabel {...{ tread, plan, gym, left, top, wide }} />}
      {isChosen && (
        <rect
          x={left + 0.5}
          y={top - 0.5}
          width={Math.max(2, wide - 1)}
          height={STAIR.ground - top}
          fill="none"
          className="stroke-ink group-focus-visible:[stroke-width:3]"
          strokeWidth={2}
        />
      )}
      {tread.kind === "set" && !isDone && (
        <WeightHandle {...{ tread, plan, scale, weights, onTry, onEdit, onChoose }} />
      )}
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
  plan: LiftPlan;
  gym: GymKit;
  left: number;
  top: number;
  wide: number;
}) {
  const ramp = plan.ramps[0]!;
  const load = tread.kind === "set" ? ramp.sets[tread.index]! : ramp.working;
  const words = formatWeight(load.weight);
  const tallest = Math.max(...gym.plates.map((p) => p.diameterMm), 200);
  const plates = isBarKit(ramp.kit) && (
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
  const low = STAIR.ground - top < LABEL_HEIGHT;
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
          {tread.index < ramp.done && "✓ "}× {set.reps}
          {wide >= 62 && ` · ${Math.round(set.fraction * 100)} %`}
        </text>
      )}
    </g>
  );
}
