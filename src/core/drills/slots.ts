import { type Approach, type Drill, isMeant, type Phase, type Slot } from "../catalog";
import type { AskedDemand } from "./asked-demands";
import { JOB_ASKED_FROM } from "./constants";

/** Whether a slot says what its drills are for; otherwise they have to be for something that today asks. */
export function saysWhatFor({ filledBy }: Slot): boolean {
  return filledBy.serves !== undefined || filledBy.ids !== undefined;
}

/**
 * The place of the slot that a drill fills in a phase: of several that of what it serves most.
 *
 * @returns null if it fills none.
 */
export function slotOf(
  drill: Drill,
  phase: Phase,
  { slots }: Approach,
  demands: readonly AskedDemand[],
): number | null {
  const isAsked = (slot: Slot) =>
    !slot.whenAsked ||
    demands.some((d) => slot.whenAsked!.includes(d.demand) && Math.max(d.asked, d.weight) >= JOB_ASKED_FROM);
  let best: number | null = null;
  let most = -1;
  slots.forEach((slot, i) => {
    if (slot.phase !== phase || !isMeant(drill, slot.filledBy) || !isAsked(slot)) return;
    const serves = Math.max(0, ...(slot.filledBy.serves ?? []).map((d) => drill.serves[d] ?? 0));
    if (serves > most) {
      best = i;
      most = serves;
    }
  });
  return best;
}
