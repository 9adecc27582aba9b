import type { FloorPlan } from "@/core/floor";
import {
  type FloorRows,
  type PreferenceRows,
  type RecordRows,
  readAllFloors,
  readFloorRows,
  readPreferenceRows,
  readRecordRows,
} from "@/data/bundle-records";
import { keepRecord } from "@/data/keep-record";
import type { Bundle } from "../schemas/bundle";

type RecordItem = Bundle["records"][number];
type FloorItem = Bundle["floors"][number];

const recordId = (athleteId: string) => `record.${athleteId}`;
const floorId = (sessionId: string) => `floor.${sessionId}`;
/** Whose record and which session's floor an item's id is of. */
export const athleteOfRecord = (id: string) => id.replace(/^record\./, "");
export const sessionOfFloor = (id: string) => id.replace(/^floor\./, "");

function recordItem({
  athleteId,
  name,
  results,
  trials,
  followUps,
}: RecordRows & { name: string }): RecordItem {
  return {
    ...{ id: recordId(athleteId), name, athleteId },
    tests: results.map(({ athleteId: _, at: __, value, signs, ...r }) => ({
      ...{ ...r, value: value as number[], signs: signs as string[] },
    })),
    trials: trials.map(({ athleteId: _, at: __, before, after, ...t }) => ({
      ...{ ...t, before: before as number[], after: after as number[] },
    })),
    followUps: followUps.map(({ athleteId: _, at: __, ...f }) => f),
  };
}

/** A plan without what is only needed while its session runs: what could have been done instead. */
function slimPlan(plan: FloorPlan): FloorPlan {
  const athletes = plan.athletes.map((a) => ({
    ...a,
    steps: a.steps.map((s) => ({ ...s, swaps: [], shorter: [] })),
  }));
  return { ...plan, athletes };
}

function floorItem({ run, events }: FloorRows): FloorItem {
  const plan = JSON.parse(run.plan) as FloorPlan;
  return {
    ...{ id: floorId(run.sessionId), name: plan.name, day: plan.day, sessionId: run.sessionId },
    ...{ startedAt: run.startedAt, endedAt: run.endedAt },
    plan: run.endedAt === null ? plan : slimPlan(plan),
    events: events.map((e) => JSON.parse(e.content)),
  };
}

/** Tests, trials and follow-ups as they stand in a bundle; of all athletes, or of items with some ids. */
export async function recordItems(ids: readonly string[] | null): Promise<RecordItem[]> {
  const athletes = ids?.map(athleteOfRecord) ?? null;
  return (await readRecordRows(athletes)).map(recordItem);
}

/** What happened on the floor as it stands in a bundle, one session at a time. */
export async function* allFloorItems(): AsyncGenerator<FloorItem> {
  for await (const rows of readAllFloors()) yield floorItem(rows);
}

/** The same of items with some ids. */
export async function floorItems(ids: readonly string[]): Promise<FloorItem[]> {
  return (await readFloorRows(ids.map(sessionOfFloor))).map(floorItem);
}

/** What coaches were asked, as one item; none where nothing was. */
export async function preferenceItems(): Promise<Bundle["preferences"]> {
  const answers = (await readPreferenceRows()).map(({ at: _, ...answer }) => answer);
  return answers.length > 0 ? [{ id: "preferences", name: "Preferences", answers }] : [];
}

/** Rows of records and floors in a bundle. */
export function recordRowsOf(
  { records, floors, preferences }: Pick<Bundle, "records" | "floors" | "preferences">,
  now: number,
): { records: RecordRows[]; floors: FloorRows[]; preferences: PreferenceRows | null } {
  return {
    preferences: preferences[0]?.answers.map((answer) => ({ ...answer, at: now })) ?? null,
    records: records.map(({ athleteId, tests, trials, followUps }) => {
      const of = { athleteId, at: now };
      return {
        athleteId,
        results: tests.map((r) => ({ ...r, ...of })),
        trials: trials.map((t) => ({ ...t, ...of })),
        followUps: followUps.map((f) => ({ ...f, ...of })),
      };
    }),
    floors: floors.map(({ sessionId, startedAt, endedAt, plan, events }) => ({
      run: { sessionId, plan: JSON.stringify(plan), startedAt, endedAt },
      events: events.map((e) => ({
        ...{ id: e.id, sessionId, athleteId: e.athlete, content: JSON.stringify(e), at: e.at },
      })),
    })),
  };
}

/** Works out anew what years are read from, of the sessions on the floor that a bundle has brought. */
export async function keepRecordsOf({ floors }: Pick<Bundle, "floors">): Promise<void> {
  for (const { plan, events, endedAt } of floors) await keepRecord(plan, events, endedAt);
}
