import { type Catalog, liftById } from "@/core/catalog";
import { type FloorPlan, foldEvents, runningSeconds } from "@/core/floor";
import { liftKit } from "@/core/gym";
import { type AthleteSession, type NextWeight, nextWorkingWeight, sessionRecord } from "@/core/record";
import { convertWeight, type UnitSystem } from "@/core/units";
import { athleteRecords } from "../athletes/athlete-record";
import { floorStatus } from "../floor/floor-status";
import { openFloor } from "../floor/open-floor";
import { gymKit } from "../gyms/gym-kit";
import { today } from "../sessions/day";
import { openSession } from "../sessions/open-session";

/** What to work with the next time at a lift; in the unit of the athlete. */
export interface NextOfLift extends NextWeight {
  lift: string;
  name: string;
  unit: UnitSystem;
  reps: number;
  sets: number;
  rir: number;
  /** What is on record now; null: nothing. */
  current: number | null;
}

/** What one athlete did, with what follows from it. */
export type RecordOfAthlete = AthleteSession & { next: readonly NextOfLift[] };

interface OfSession {
  id: string;
  name: string;
  day: string;
  today: string;
}

/** The record of a session: what was done; or that it has not been written down, with who was to be there. */
export type OpenRecord =
  | (OfSession & {
      kind: "done";
      complete: boolean;
      /** From the start to the end, pauses left out. */
      seconds: number;
      plannedSeconds: number;
      people: readonly RecordOfAthlete[];
      /** Whether it was run on the floor, and not written down afterwards. */
      isTimed: boolean;
    })
  | (OfSession & { kind: "not-written"; people: readonly { id: string; name: string }[] });

/** The record of a session; null: there is none, or it is still running. */
export async function openRecord(sessionId: string, catalog: Catalog): Promise<OpenRecord | null> {
  const status = await floorStatus(sessionId);
  if (status === "running") return null;
  const opened = await openSession(sessionId, catalog);
  if (status === "not-started") {
    if (!opened.ok) return null;
    const { session, members } = opened.value;
    const people = members.filter((m) => !m.absent).map((m) => ({ id: m.athlete.id, name: m.athlete.name }));
    return {
      kind: "not-written",
      id: session.id,
      name: session.name,
      day: session.day,
      today: today(),
      people,
    };
  }
  const floor = (await openFloor(sessionId))!;
  const { plan, events } = floor;
  const state = foldEvents(plan, events);
  const record = sessionRecord(plan, state);
  const next = await nextWeights(plan, record, opened.ok ? opened.value.session.gymId : undefined, catalog);
  return {
    ...{ kind: "done", id: plan.sessionId, name: plan.name, day: plan.day, today: today() },
    complete: state.finished?.complete ?? false,
    seconds: Math.round(runningSeconds(state, state.finished?.at ?? floor.now)),
    plannedSeconds: plan.readySeconds,
    people: record.map((of) => ({ ...of, next: next(of) })),
    isTimed: record.some((of) => of.readySeconds !== null),
  };
}

/** What follows for the next working weights of everybody who lifted. */
async function nextWeights(
  plan: FloorPlan,
  record: readonly AthleteSession[],
  gymId: string | undefined,
  catalog: Catalog,
): Promise<(of: AthleteSession) => NextOfLift[]> {
  const ids = record.map((r) => r.athlete);
  const [gym, recordOf] = await Promise.all([gymKit(gymId), athleteRecords(ids, today())]);
  return ({ athlete: id, lifts, sets, pains }) => {
    const athlete = recordOf(id)?.athlete;
    if (!athlete || !gym) return [];
    return lifts.flatMap(({ at, lift, name, working, isStopped }): NextOfLift[] => {
      const kit = liftKit(gym, liftById(catalog, lift) ?? { implement: "none" }, athlete);
      if (!kit || !working) return [];
      const hurt = isStopped || pains.some((p) => p.lift === at);
      const next = nextWorkingWeight(
        kit,
        working,
        sets.filter((s) => s.at === at && s.isWork),
        hurt,
      );
      if (!next) return [];
      const known = athlete.workingWeights.find((w) => w.lift === lift);
      const weight = convertWeight(next.weight, plan.unit, athlete.unit);
      return [
        {
          ...{ ...next, lift, name, weight, unit: athlete.unit, reps: working.reps, sets: working.sets },
          ...{ rir: known?.rir ?? 2, current: known?.weight ?? null },
        },
      ];
    });
  };
}
