import { z } from "zod";
import { NO_WISHES, rulesOut } from "@/core/athlete";
import { type AreaId, type Catalog, drillById, liftById } from "@/core/catalog";
import type { FloorLift, Pain } from "@/core/floor";
import { liftKit } from "@/core/gym";
import { lighterWeight } from "@/core/record";
import { convertWeight, type UnitSystem, type Weight } from "@/core/units";
import { readSessionRecord } from "@/data/records";
import { memoize } from "@/lib/memoize";
import { athleteRecords } from "../athletes/athlete-record";
import { openAthlete, saveAthlete } from "../athletes/athletes";
import { openFloor } from "../floor/open-floor";
import { gymKit } from "../gyms/gym-kit";
import { drillField, idField } from "../schemas/fields";
import { type Refused, refuse } from "../schemas/problems";
import { today } from "../sessions/day";

/** What may be done less the next time after something was too much; taken by the coach. */
export interface LessNextTime {
  /** Drills of that session that load the area, not at their smallest dose yet. */
  drills: readonly { id: string; name: string }[];
  /** A lighter working weight for the lift that was stopped, or at which it hurt; as it is noted. Null: there is none, or it is lighter already. */
  weight: {
    lift: string;
    name: string;
    weight: Weight;
    unit: UnitSystem;
    sets: number;
    reps: number;
    rir: number;
  } | null;
}

/** So many drills are offered at most. */
const MOST_DRILLS = 3;

/** What may be done less the next time of what an athlete did in a session, about an area or a lift that was stopped. */
export async function lessNextTime(
  of: { sessionId: string; athleteId: string; area: AreaId | null; about: string },
  catalog: Catalog,
): Promise<LessNextTime> {
  const recordOf = await athleteRecords([of.athleteId], today());
  const athlete = recordOf(of.athleteId)?.athlete;
  if (!athlete) return { drills: [], weight: null };
  const { area, about } = of;
  if (area === null) {
    return { drills: [], weight: await lighter(of, (l) => l.name === about, athlete, catalog) };
  }
  const { drills, sessions } = await readSessionRecord(of.sessionId);
  const pains = (sessions.find((s) => s.athleteId === of.athleteId)?.pains ?? []) as Pain[];
  const at = pains.filter((p) => p.area === area).map((p) => p.lift);
  const weight = await lighter(of, (_, i) => at.includes(i), athlete, catalog);
  const { smallest = [], never } = athlete.wishes ?? NO_WISHES;
  const done = drills.filter((d) => d.athleteId === of.athleteId && d.isDone);
  const loading = [...new Set(done.map((d) => d.drill))].flatMap((id) => {
    const drill = drillById(catalog, id);
    const isAsked = drill && !smallest.includes(id) && !never.includes(id);
    const loads = drill && rulesOut({ ...athlete, areas: [{ area, level: "avoid" }] }, drill);
    return isAsked && loads ? [{ id, name: drill.name }] : [];
  });
  return { drills: loading.slice(0, MOST_DRILLS), weight };
}

type Athlete = NonNullable<ReturnType<Awaited<ReturnType<typeof athleteRecords>>>>["athlete"];

async function lighter(
  { sessionId, athleteId }: { sessionId: string; athleteId: string },
  isIt: (lift: FloorLift, at: number) => boolean,
  athlete: Athlete,
  catalog: Catalog,
): Promise<LessNextTime["weight"]> {
  const [floor, gym] = await Promise.all([openFloor(sessionId), gymKit()]);
  const person = floor?.plan.athletes.find((a) => a.id === athleteId);
  const planned = person?.lifts.find(isIt);
  const known = athlete.workingWeights.find((w) => w.lift === planned?.lift);
  const lift = planned && liftById(catalog, planned.lift);
  const kit = gym && lift && liftKit(gym, lift, athlete);
  if (!floor || !kit || !planned?.working || !known) return null;
  const weight = lighterWeight(kit, convertWeight(planned.working.weight, floor.plan.unit, gym.unit));
  const noted = weight && convertWeight(weight, gym.unit, athlete.unit);
  if (!noted || known.weight <= noted) return null;
  const { sets, reps, rir } = known;
  return { lift: lift.id, name: lift.name, weight: noted, unit: athlete.unit, sets, reps, rir };
}

export const smallestDoseSchema = memoize((catalog: Catalog) =>
  z.strictObject({ athleteId: idField, drill: drillField(catalog), isSmallest: z.boolean() }),
);

/** Has an athlete do a drill at its smallest dose from now on, or at its usual one again. */
export async function setSmallestDose({
  athleteId,
  drill,
  isSmallest,
}: z.output<ReturnType<typeof smallestDoseSchema>>): Promise<{ kind: "set" } | Refused> {
  const opened = await openAthlete(athleteId);
  if (!opened) return refuse("This athlete is no longer there.");
  const { draft, revision } = opened;
  const wishes = draft.wishes ?? { favourites: [], never: [] };
  const others = (wishes.smallest ?? []).filter((id) => id !== drill);
  const smallest = isSmallest ? [...others, drill] : others;
  const saved = await saveAthlete({ athlete: { ...draft, wishes: { ...wishes, smallest } }, revision });
  return saved.kind === "saved"
    ? { kind: "set" }
    : refuse("The athlete was changed elsewhere just now: try again.");
}
