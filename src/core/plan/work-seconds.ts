import { effort, type WorkingSets } from "../strength";
import type { PlannedLift } from "./types";

const SECONDS_PER_WORKING_REP = 4;
const REST_SECONDS = [
  { effortFrom: 0.85, seconds: 180 },
  { effortFrom: 0.7, seconds: 150 },
  { effortFrom: 0, seconds: 120 },
];

function setsSeconds(working: WorkingSets): { work: number; rest: number } {
  const rest = REST_SECONDS.find((r) => effort(working) >= r.effortFrom)!.seconds;
  return { work: working.sets * working.reps * SECONDS_PER_WORKING_REP, rest: working.sets * rest };
}

/**
 * Seconds that the working sets of a block take: sets × (repetitions × 4 s + rest of 2 to 3 minutes by effort);
 * of lifts done in turns each rests while the other works (docs/model.md, "Later lifts").
 */
export function workSeconds(lifts: readonly PlannedLift[]): number {
  const own = lifts.map((planned) => {
    if (planned.workSeconds !== undefined) return { work: planned.workSeconds, rest: 0 };
    const all = [...(planned.working ? [planned.working] : []), ...(planned.backOffs ?? [])].map(setsSeconds);
    return {
      work: all.reduce((sum, s) => sum + s.work, 0),
      rest: all.reduce((sum, s) => sum + s.rest, 0),
    };
  });
  const work = own.reduce((sum, o) => sum + o.work, 0);
  const longest = Math.max(0, ...own.map((o) => o.work + o.rest));
  return Math.round(Math.max(work, longest));
}
