import { addDays, format } from "date-fns";
import ical, { ICalEventTransparency } from "ical-generator";
import { type Catalog, liftById } from "@/core/catalog";
import { clockMinutes } from "@/core/session";
import { counted } from "@/core/units";
import { listSessions } from "@/data/sessions";
import { publicUrl } from "../cards/card-addresses";
import { parseSession } from "./open-session";

/** Days that the feed goes back and ahead. */
const BACK = 30;
const AHEAD = 365;
const MOST_EVENTS = 5000;
/** What a session takes from its first working set on, in the picture of a calendar. Minutes. */
const AFTER = 60;
/** Minutes. */
const DAY = 24 * 60;

/** Minutes after a day begins, as the calendar's package reads a time without a zone: by the clock of UTC. */
function at(day: string, minutes: number): Date {
  return new Date(Date.parse(`${day}T00:00:00Z`) + minutes * 60_000);
}

/**
 * The sessions as an iCalendar feed: from when to arrive, without a time zone, since a gym's clock is where the gym is.
 * It says who comes by number only.
 */
export async function sessionsCalendar(catalog: Catalog, now = new Date()): Promise<string> {
  const iso = (day: Date) => format(day, "yyyy-MM-dd");
  const { sessions } = await listSessions(iso(addDays(now, -BACK)), iso(addDays(now, AHEAD)), {
    limit: MOST_EVENTS,
    offset: 0,
  });
  const calendar = ical({ name: "Iron Step", prodId: { company: "Iron Step", product: "Sessions" } });
  for (const row of sessions) {
    const parsed = parseSession(row, catalog);
    if (!parsed.ok) continue;
    const { id, name, day, time, minutes, lifts, participants } = parsed.value;
    const names = lifts.map((l) => liftById(catalog, l.lift)?.name ?? l.lift);
    const people = participants.filter((p) => !p.absent).length;
    const base = publicUrl();
    calendar.createEvent({
      id: `${id}@iron-step`,
      summary: name,
      description: [
        names.join(", "),
        counted(people, "athlete"),
        ...(time ? [`First working set ${time}`] : []),
      ].join("\n"),
      start: at(day, time ? clockMinutes(time) - minutes : 0),
      end: at(day, time ? clockMinutes(time) + AFTER : DAY),
      allDay: !time,
      floating: true,
      stamp: new Date(row.session.updatedAt),
      transparency: ICalEventTransparency.OPAQUE,
      ...(base && { url: `${base}/session/${id}` }),
    });
  }
  return calendar.toString();
}
