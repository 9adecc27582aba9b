"use client";

import { type PointerEvent, useRef } from "react";
import { doseForSeconds, doseSeconds } from "@/core/dose";
import type { WarmUpEdit } from "@/core/draft";
import type { LiftPlan, Tread } from "@/core/plan";
import type { Weight } from "@/core/units";
import { isEqual } from "@/lib/equality";
import { STAIR, type StairScale } from "./stair-scale";

interface HandleProps {
  tread: Tread;
  plan: LiftPlan;
  scale: StairScale;
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
      if (isEqual(edit, last.current)) return;
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
export function WeightHandle({
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
    return { kind: "change-set", at: plan.at, set: tread.index, sets, change: { weight } };
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
export function DoseHandle({ tread, plan, scale, ...rest }: HandleProps) {
  const origin = useRef({ seconds: 0, perSecond: 1, dose: { sets: 0, amount: 0 } });
  const { drill, dose, part } = plan.steps[tread.index]!;
  const drag = useDrag(rest);
  const handlers = drag((dx) => {
    const { seconds, perSecond, dose: before } = origin.current;
    const next = doseForSeconds(drill.dose, Math.max(0, seconds + dx / perSecond));
    const isSame = next.sets === before.sets && next.amount === before.amount;
    return isSame ? null : { kind: "pin", drill: drill.id, block: plan.block, dose: next };
  });
  // What all do together takes everybody the same time, and what has a format is made longer by its own numbers.
  if (part === "shared" || dose.format) return null;
  const width = Math.min(10, (tread.endsAt - tread.startsAt) * scale.perSecond * 0.4);
  return (
    <rect
      x={scale.x(tread.endsAt) - width}
      y={scale.y(tread.height) - 4}
      width={width + 2}
      height={STAIR.ground - scale.y(tread.height) + 4}
      fill="transparent"
      className="cursor-ew-resize touch-none"
      {...handlers}
      onPointerDown={(e) => {
        const { sets, amount } = dose;
        origin.current = {
          seconds: doseSeconds(drill.dose, { sets, amount }),
          perSecond: scale.perSecond,
          dose: { sets, amount },
        };
        handlers.onPointerDown(e);
      }}
    />
  );
}
