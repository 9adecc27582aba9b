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

/** Below this width of the page the stair is as wide as it takes to touch each tread, and scrolls. Pixels. */
const NARROW = 1024;
const LEAST_TREAD = 24;
const MOST_WIDTH = 2400;

/** How wide the stair is drawn where so much of it is seen. */
function widthFor(stair: Stair, end: number, seen: number): number {
  if (seen >= NARROW) return seen;
  const shortest = Math.min(...stair.treads.map((t) => Math.max(5, t.nextAt - t.startsAt)));
  const needed = (LEAST_TREAD * end) / shortest + 2 * STAIR.side;
  return Math.max(seen, Math.min(MOST_WIDTH, Math.ceil(needed)));
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
  const { box, width: seen } = useWidth();
  const end = Math.max(stair.available, stair.treads.at(-1)?.nextAt ?? 0, stair.seconds) + ROOM_SECONDS;
  const width = widthFor(stair, end, seen);
  const scale = stairScale(width, end);
  const at = stair.treads.find((t) => sameChoice(chosenOf(t, plan), chosen));
  const middle = at && width > seen ? scale.x((at.startsAt + at.nextAt) / 2) : null;
  useEffect(() => {
    if (middle !== null) box.current?.scrollTo({ left: middle - seen / 2, behavior: "smooth" });
  }, [middle, seen, box]);
  const sunk = cornerClearance(stair, scale, width);
  return (
    <div ref={box} className="w-full min-w-0 overflow-x-auto overflow-y-hidden">
      {/* biome-ignore lint/a11y/useSemanticElements: a group of treads inside a drawing has no HTML element */}
      <svg
        role="group"
        aria-label="The warm-up as a stair: time across, effort up"
        width={width}
        height={STAIR.height + sunk}
        viewBox={`0 ${-sunk} ${width} ${STAIR.height + sunk}`}
        className={`block select-none ${width > seen ? "touch-auto" : "touch-pan-y"}`}
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
