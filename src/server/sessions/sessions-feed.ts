import { TZDate } from "@date-fns/tz";
import { addDays } from "date-fns";
import ical, { ICalEventTransparency } from "ical-generator";
import { tzlib_get_ical_block } from "timezones-ical-library";
import { type Catalog, liftById } from "@/core/catalog";
import { clockMinutes } from "@/core/session";
import { counted } from "@/core/units";
import { listGyms } from "@/data/gyms";
import { listSessions } from "@/data/sessions";
import { isoDay } from "@/lib/iso-day";
import { publicUrl } from "../cards/card-addresses";
import { leadOf } from "./list-calendar";
import { parseSession } from "./open-session";

/** Days that the feed goes back and ahead. */
const BACK = 30;
const AHEAD = 365;
const MOST_EVENTS = 5000;
/** What a session takes from its first working set on, in the picture of a calendar. Minutes. */
const AFTER = 60;
/** Minutes. */
const DAY = 24 * 60;

/** How often who subscribes should look again. Seconds. */
const REFRESH = 60 * 60;

/** Minutes after a day begins by the clock of a gym; where that is not known by a clock that every reader takes for its own. */
function at(day: string, minutes: number, timeZone: string | null): Date {
  const [year, month, date] = day.split("-").map(Number);
  return new TZDate(year!, month! - 1, date!, 0, minutes, timeZone ?? "UTC");
}

/**
 * The sessions as an iCalendar feed: from when to arrive, by the clock of their gym where it has one, else by that of
 * whoever looks. It says who comes by number only.
 */
export async function sessionsCalendar(catalog: Catalog, now = new Date()): Promise<string> {
  const { sessions } = await listSessions(isoDay(addDays(now, -BACK)), isoDay(addDays(now, AHEAD)), {
    limit: MOST_EVENTS,
    offset: 0,
  });
  const calendar = ical({
    name: "Iron Step",
    prodId: { company: "Iron Step", product: "Sessions" },
    ttl: REFRESH,
    timezone: { name: null, generator: (zone) => [tzlib_get_ical_block(zone)].flat()[0] ?? null },
  });
  const gyms = new Map((await listGyms()).map((g) => [g.id, g]));
  for (const row of sessions) {
    const parsed = parseSession(row, catalog);
    if (!parsed.ok) continue;
    const { id, name, day, time, minutes, lifts, participants } = parsed.value;
    const names = lifts.map((l) => liftById(catalog, l.lift)?.name ?? l.lift);
    const people = participants.filter((p) => !p.absent).length;
    const base = publicUrl();
    const gym = gyms.get(parsed.value.gymId);
    const zone = gym?.timeZone ?? null;
    calendar.createEvent({
      id: `${id}@iron-step`,
      summary: name,
      description: [
        names.join(", "),
        counted(people, "athlete"),
        ...(time ? [`First working set ${time}`] : []),
      ].join("\n"),
      start: at(day, time ? clockMinutes(time) - leadOf(row.session, minutes) : 0, time ? zone : null),
      end: at(day, time ? clockMinutes(time) + AFTER : DAY, time ? zone : null),
      allDay: !time,
      ...(time && zone ? { timezone: zone } : { floating: true }),
      ...(gym && { location: gym.name }),
      stamp: new Date(row.session.updatedAt),
      transparency: ICalEventTransparency.OPAQUE,
      ...(base && { url: `${base}/session/${id}` }),
    });
  }
  return calendar.toString();
}
