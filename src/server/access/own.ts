import { addDays } from "date-fns";
import { readAthlete } from "@/data/athletes";
import { listSessionsWith } from "@/data/sessions";
import { isoDay } from "@/lib/iso-day";
import { getRecord } from "../api/athlete-record";
import { openAthlete } from "../athletes/athletes";
import { cardTokenFor } from "../cards/card-addresses";
import { openFollowUps } from "../follow-ups/follow-ups";
import { today } from "../sessions/day";

/** How far an athlete sees their sessions: days back and ahead. */
const BACK = 6;
const AHEAD = 7;

/** What an athlete sees when coming in: their sessions with their cards, and what is asked of them. */
export async function ownPage(athleteId: string) {
  const athlete = await readAthlete(athleteId);
  if (!athlete) return null;
  const now = new Date();
  const iso = (days: number) => isoDay(addDays(now, days));
  const sessions = await listSessionsWith(athleteId, iso(-BACK), iso(AHEAD));
  const open = (await openFollowUps(athleteId)).filter((f) => f.moment !== null);
  const asked = await Promise.all(
    sessions
      .map((s) => ({ id: s.id, followUps: open.filter((f) => f.sessionId === s.id) }))
      .filter((s) => s.followUps.length > 0)
      .map(async ({ id, followUps }) => ({ card: await cardTokenFor(id, athleteId), followUps })),
  );
  return { name: athlete.name, today: today(), sessions, asked };
}
export type OwnPage = NonNullable<Awaited<ReturnType<typeof ownPage>>>;

/** Where an athlete finds their card of a session that they take part in; null: they do not, or it is too long ago. */
export async function ownCard(sessionId: string, athleteId: string): Promise<string | null> {
  const own = await ownPage(athleteId);
  return own?.sessions.some((s) => s.id === sessionId)
    ? `/card/${await cardTokenFor(sessionId, athleteId)}`
    : null;
}

/** Everything of one person as JSON: the profile as it is stored, and the record. Null: there is no such athlete. */
export async function dataFileOf(athleteId: string): Promise<{ name: string; text: string } | null> {
  const opened = await openAthlete(athleteId);
  if (!opened) return null;
  const record = await (await getRecord(athleteId)).json();
  const file = { format: "iron-step-person", version: 1, takenOn: today(), athlete: opened.draft, record };
  return { name: opened.draft.name, text: `${JSON.stringify(file, null, 2)}\n` };
}
