import { athletePaces, drillPaces } from "@/core/record";
import { dayAfter } from "@/core/session";
import { drillTimes, drillTimesStamp } from "@/data/records";
import { today } from "../sessions/day";

/** How far back times count. Days. */
const TIMES_DAYS = 180;

/** How long drills take here: factors for all, and for those whom they take otherwise, by athlete. */
export interface Paces {
  ofAll: Readonly<Record<string, number>>;
  byAthlete: ReadonlyMap<string, Readonly<Record<string, number>>>;
}

let last: { stamp: string; paces: Paces } | null = null;

/** How long drills take here, from the sessions before today: what happens in the day's sessions changes none of their plans. */
export async function openPaces(): Promise<Paces> {
  const now = today();
  const stamp = `${now} ${await drillTimesStamp(now)}`;
  if (last?.stamp === stamp) return last.paces;
  const stored = await drillTimes(dayAfter(now, -TIMES_DAYS), now);
  const rows = stored.map(({ athleteId, ...r }) => ({ ...r, athlete: athleteId }));
  const ofAll = drillPaces(rows);
  const paces = { ofAll, byAthlete: athletePaces(rows, ofAll) };
  last = { stamp, paces };
  return paces;
}
