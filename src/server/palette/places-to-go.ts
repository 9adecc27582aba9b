import { addDays } from "date-fns";
import { listAthletes } from "@/data/athletes";
import { listSessions } from "@/data/sessions";
import { isoDay } from "@/lib/iso-day";

/** Days around today whose sessions the palette knows. */
const AROUND = 7;
const MOST_SESSIONS = 60;

/** Where the palette can go: everybody, and the sessions of these days, today's first. */
export async function placesToGo(now = new Date()) {
  const page = { limit: MOST_SESSIONS, offset: 0 };
  const [athletes, next, last] = await Promise.all([
    listAthletes(),
    listSessions(isoDay(now), isoDay(addDays(now, AROUND)), page),
    listSessions(isoDay(addDays(now, -AROUND)), isoDay(addDays(now, -1)), page),
  ]);
  return {
    athletes: athletes.map(({ id, name, group }) => ({ id, name, group })),
    sessions: [...next.sessions, ...last.sessions.toReversed()].map(({ session: s }) => ({
      id: s.id,
      name: s.name,
      day: s.day,
      time: s.time,
    })),
  };
}
