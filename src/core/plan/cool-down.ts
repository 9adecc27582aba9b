import type { Drill } from "../catalog";
import { type Dose, doseOf } from "../dose";
import { type Candidate, type Placed, timetable } from "../drills";

/** The warm-up's drills once more after the last lift. */
export interface CoolDown {
  drills: readonly { drill: Drill; dose: Dose }[];
  /** From the start of the session, as far as the working sets can be told. Seconds. */
  startsAt: number;
  seconds: number;
}

/** Drills of more effort get warm again who should cool down. */
const MOST_EFFORT = 2;

/** Whether a drill cools down as well as it warms up: it does not raise, jump, load or strain. */
function coolsDown({ drill, phase }: Candidate): boolean {
  const isEasy = drill.effort <= MOST_EFFORT && drill.impact === "none" && drill.load.kind === "none";
  return isEasy && phase !== "raise" && phase !== "power";
}

/** What of a sequence comes again as a cool-down, each drill in its order and once, with all of its sets; null: nothing. */
export function coolDownOf(placed: readonly Placed[], startsAt: number): CoolDown | null {
  const again = placed
    .filter((p) => p.round === 1 && coolsDown(p.candidate))
    .map((p) => ({ ...p.candidate, rounds: 1, circuit: null }));
  if (again.length === 0) return null;
  const drills = again.map((c) => ({ drill: c.drill, dose: doseOf(c.drill.dose, c) }));
  return { drills, startsAt, seconds: timetable(again).seconds };
}
