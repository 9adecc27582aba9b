import type { Drill, DrillId } from "@/core/catalog";

/** Drills that travel, and the straight stretch of free floor that each needs. Metres. */
const spaces: Readonly<Record<DrillId, number>> = {
  skips: 10,
  "light-carry": 10,
  "two-hand-carry": 10,
  "knee-hug-walk": 6,
  "quad-pull-walk": 6,
  "straight-leg-kick": 6,
  "forward-lunge": 4,
  "walk-to-jog": 4,
  "lateral-step-over": 3,
  "band-walk": 3,
};

/** Drills that are done without shoes. */
const barefoot: readonly DrillId[] = ["short-foot", "ankle-press-lift", "three-way-calf-rock", "calf-roll"];

/** How much room a drill needs, and whether the shoes come off. */
export function roomOf(id: DrillId): Pick<Drill, "space" | "shoesOff"> {
  const space = spaces[id];
  return { ...(space !== undefined && { space }), ...(barefoot.includes(id) && { shoesOff: true }) };
}
