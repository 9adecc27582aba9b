import { addDays, parseISO, startOfWeek } from "date-fns";
import { type Catalog, liftById } from "@/core/catalog";
import { clockMinutes, clockTime } from "@/core/session";
import { listSessions } from "@/data/sessions";
import { isoDay } from "@/lib/iso-day";
import { type FloorStatus, floorStatuses } from "../floor/floor-status";
import { gymSettings } from "../gyms/gym-kit";
import { parseSession } from "./open-session";

/** A session in a calendar: only what stands there, so that a full week is read at once. */
export interface CalendarSession {
  id: string;
  name: string;
  day: string;
  /** From when to arrive to the first working set; null: no time is fixed. */
  from: string | null;
  time: string | null;
  lifts: string[];
  people: number;
  /** How it stands on the floor. */
  floor: FloorStatus;
  revision: number;
}

export type CalendarView = "week" | "day";

/** The most sessions that a calendar shows at a time. */
const MOST_SHOWN = 500;

/** How long before the first working set to arrive: the minutes there are, or what it takes where that is known to be more. */
export function leadOf({ readySeconds }: { readySeconds: number | null }, minutes: number): number {
  return Math.max(minutes, Math.ceil((readySeconds ?? 0) / 60));
}

/** The sessions of the week or day that a day is in. */
export async function listCalendar(day: string, view: CalendarView, catalog: Catalog) {
  const first =
    view === "week"
      ? startOfWeek(parseISO(day), { weekStartsOn: (await gymSettings()).weekStart })
      : parseISO(day);
  const last = view === "week" ? addDays(first, 6) : first;
  const { total, sessions } = await listSessions(isoDay(first), isoDay(last), {
    limit: MOST_SHOWN,
    offset: 0,
  });
  const statusOf = await floorStatuses(sessions.map((row) => row.session.id));
  const shown = sessions.map((row): CalendarSession => {
    const { id, name, day: on, time, revision } = row.session;
    const parsed = parseSession(row, catalog);
    const lifts = parsed.ok ? parsed.value.lifts.map((l) => liftById(catalog, l.lift)?.name ?? l.lift) : [];
    const minutes = parsed.ok ? parsed.value.minutes : 0;
    const from = time && clockTime(Math.max(0, clockMinutes(time) - leadOf(row.session, minutes)));
    const people = row.participants.filter((p) => !p.absent).length;
    return { id, name, day: on, from, time, lifts, people, floor: statusOf(id), revision };
  });
  return { day, view, first: isoDay(first), sessions: shown, more: Math.max(0, total - shown.length) };
}
export type Calendar = Awaited<ReturnType<typeof listCalendar>>;
