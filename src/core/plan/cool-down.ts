import { type Approach, type Catalog, type Drill, knownApproach, type Lift } from "../catalog";
import { DEMANDS, type DemandId } from "../demands";
import { type Dose, doseOf } from "../dose";
import {
  askedDemands,
  type Candidate,
  type ChoiceOfDrills,
  type ChoiceRequest,
  type Placed,
  timetable,
} from "../drills";
import type { PlanRequest } from "./types";

/** What is asked to come after the last lift: the same drills again, or so many minutes chosen for what has worked. */
export type CoolDownRequest = "again" | { minutes: number; approach: Approach };

/** The approach that drills after the last lift are chosen by. */
const APPROACH = "cool-down";

/** What is asked to come after the last lift, from nothing, the same again, or so many minutes. @throws where the catalog has no approach for it. */
export function coolDownRequest(asked: boolean | number, catalog: Catalog): CoolDownRequest | undefined {
  if (typeof asked === "number") return { minutes: asked, approach: knownApproach(catalog, APPROACH) };
  return asked ? "again" : undefined;
}

/** Drills after the last lift. */
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

/** Ranges that muscles are held in once they have worked. */
const HELD_IN: Partial<Record<DemandId, readonly DemandId[]>> = {
  quads: ["knee-flexion", "hip-extension"],
  hamstrings: ["hamstring-length"],
  "glute-max": ["hip-external-rotation", "hip-flexion"],
  "glute-med": ["hip-internal-rotation"],
  "calf-foot": ["ankle-dorsiflexion"],
  pecs: ["chest-length"],
  lats: ["lat-triceps-length"],
  triceps: ["lat-triceps-length"],
  deltoids: ["shoulder-extension"],
  grip: ["wrist-extension"],
};
/** How much a range is asked that a muscle is held in, and one that the lift went through. */
const HELD = 2;

/** From so many minutes on there is time for what the lifts have asked a little, too. */
const LONG_FROM = 12;

/** What a session asks of its cool-down: the ranges of the muscles that worked, and those that its lifts went to. */
function worked(lifts: PlanRequest["lifts"], minutes: number): Lift {
  const from = minutes >= LONG_FROM ? 1 : HELD;
  const asks: Lift["asks"] = { temperature: 1 };
  for (const { lift } of lifts) {
    const muscles = (Object.keys(lift.asks) as DemandId[]).filter((d) => (lift.asks[d] ?? 0) >= from);
    for (const muscle of [...lift.primeMovers, ...muscles]) {
      const ranges = DEMANDS[muscle].kind === "range" ? [muscle] : (HELD_IN[muscle] ?? []);
      for (const range of ranges) asks[range] = HELD;
    }
  }
  const { lift } = lifts[0]!;
  return {
    ...lift,
    id: "cool-down",
    name: "Cool-down",
    pattern: null,
    primeMovers: [],
    asks,
    kind: "drills-alone",
  };
}

/** What the drills after the last lift are chosen from: for what has worked and for the athlete's limiters. */
export function coolDownChoice(
  request: PlanRequest,
  { minutes, approach }: { minutes: number; approach: Approach },
): ChoiceRequest {
  const lift = worked(request.lifts, minutes);
  const demands = askedDemands([{ lift, working: null, ramped: false }], request.athlete.limiters, approach);
  return {
    ...request,
    ...{ approach, demands, own: [], circuits: [], tests: [], taken: undefined, begun: undefined },
    ...{ seconds: minutes * 60, lifts: [{ lift }] },
  };
}

/** The cool-down that was chosen; null: nothing fits. */
export function coolDownChosen({ placed, seconds }: ChoiceOfDrills, startsAt: number): CoolDown | null {
  if (placed.length === 0) return null;
  const drills = placed.map(({ candidate: c }) => ({ drill: c.drill, dose: doseOf(c.drill.dose, c) }));
  return { drills, startsAt, seconds };
}
