"use client";

import { memo, useEffect, useRef, useState } from "react";
import type { WarmUpEdit } from "@/core/draft";
import type { GymKit } from "@/core/gym";
import type { LiftPlan, Stair } from "@/core/plan";
import type { Weight } from "@/core/units";
import { type Chosen, chosenOf, sameChoice } from "./selection";
import { Ground, Phases, TimeLine } from "./stair-frame";
import { cornerClearance, STAIR, stairScale } from "./stair-scale";
import { TreadShape } from "./tread-shape";

/** Room to the right of the landing or the time there is, as seconds. */
const ROOM_SECONDS = 12;
const USUAL_WIDTH = 1280;

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
export const StairView = memo(function StairView({
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
  plan: LiftPlan;
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
  const scale = stairScale(width, end);
  const sunk = cornerClearance(stair, scale, width);
  return (
    <div ref={box} className="w-full min-w-0 overflow-hidden">
      {/* biome-ignore lint/a11y/useSemanticElements: a group of treads inside a drawing has no HTML element */}
      <svg
        role="group"
        aria-label="The warm-up as a stair: time across, effort up"
        width={width}
        height={STAIR.height + sunk}
        viewBox={`0 ${-sunk} ${width} ${STAIR.height + sunk}`}
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
        {plan.block === 0 && <TimeLine stair={stair} scale={scale} />}
      </svg>
    </div>
  );
});
