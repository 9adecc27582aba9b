"use client";

import type { EventContentArg, EventDropArg } from "@fullcalendar/core";
import interaction from "@fullcalendar/interaction";
import FullCalendar from "@fullcalendar/react";
import timeGrid from "@fullcalendar/timegrid";
import { format, getISOWeek, parseISO } from "date-fns";
import { useRouter } from "next/navigation";
import { useEffect, useRef, useState } from "react";
import { clockMinutes, clockTime, dayAfter } from "@/core/session";
import { counted } from "@/core/units";
import { NewSession, NewSessionSheet } from "@/features/new-session/new-session";
import { FloorLink } from "@/features/shared/floor-link";
import { SiteHeader } from "@/features/shared/site-header";
import { isoDay } from "@/lib/iso-day";
import type { Calendar, CalendarSession, CalendarView } from "@/server/sessions/list-calendar";
import { ClockTime } from "@/ui/clock-time";
import { useConventions } from "@/ui/conventions";
import { Link } from "@/ui/link";
import { StepLinks } from "@/ui/step-links";
import { ViewSwitch } from "@/ui/view-switch";
import { MOVE_KEYS, useMoves } from "./use-moves";

const VIEWS: readonly { id: CalendarView; name: string }[] = [
  { id: "week", name: "Week" },
  { id: "day", name: "Day" },
];
/** Hours that are shown even where nothing is on. */
const LEAST = { from: 6 * 60, to: 21 * 60 };
/** A session takes at least so long in the picture, so that its words have room. Minutes. */
const LEAST_SHOWN = 75;

/** How often the line of the time moves on. Milliseconds. */
const NOW_EVERY_MS = 60_000;

const WHOLE_DAYS = { hour: "2-digit", minute: "2-digit", hour12: false } as const;
const HALF_DAYS = { hour: "numeric", minute: "2-digit", hour12: true } as const;

/** Sessions by day and clock time. Dragged to another day or time they are moved; on their own page too. */
export function CalendarPage({ listed, today }: { listed: Calendar; today: string }) {
  const { day, view, first, sessions, more } = listed;
  const router = useRouter();
  const [free, setFree] = useState<{ day: string; time: string | null } | null>(null);
  const hrefOf = (to: string, as = view) => `/calendar?day=${to}${as === "day" ? "&view=day" : ""}`;
  const shift = (by: number) => dayAfter(day, by * (view === "week" ? 7 : 1));
  const times = sessions.flatMap((s) => (s.time ? [clockMinutes(s.from!), clockMinutes(s.time)] : []));
  const from = Math.min(LEAST.from, ...times.map((t) => Math.floor(t / 60) * 60));
  const to = Math.max(LEAST.to, ...times.map((t) => Math.min(24 * 60, t + 60)));

  const isInView = (on: string) => (view === "day" ? on === day : on >= first && on <= dayAfter(first, 6));
  // What leaves the days in view is followed, so that it keeps the focus.
  const { move, moveByKey, keepFocus } = useMoves((on) => !isInView(on) && router.push(hrefOf(on)));
  const drop = async ({ event, revert }: EventDropArg) => {
    const session = event.extendedProps as CalendarSession;
    const lead = session.time ? clockMinutes(session.time) - clockMinutes(session.from!) : 0;
    const start = event.start!;
    const time = event.allDay ? null : clockTime(start.getHours() * 60 + start.getMinutes() + lead);
    if ((await move(session, { day: isoDay(start), time })) === null) revert();
  };
  const { clock, weekStart } = useConventions();
  // The server does not know the clock of who looks: until the page is there it is midnight, and no line is drawn.
  const midnight = `${today}T00:00:00`;
  const [now, setNow] = useState(midnight);
  useEffect(() => {
    const look = () => setNow(format(new Date(), "yyyy-MM-dd'T'HH:mm:ss"));
    look();
    const timer = setInterval(look, NOW_EVERY_MS);
    return () => clearInterval(timer);
  }, []);
  const grid = useRef<HTMLDivElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: other days in view have another place for today
  useEffect(() => {
    const now = grid.current?.querySelector<HTMLElement>(".fc-col-header-cell.fc-day-today");
    if (grid.current && now) grid.current.scrollLeft = now.offsetLeft - grid.current.clientWidth / 2;
  }, [view, first]);

  return (
    <div className="min-h-dvh">
      <SiteHeader at="/calendar">
        <NewSession day={view === "day" ? day : today} />
      </SiteHeader>
      <main id="content" className="px-4 pt-6 pb-10 sm:px-7">
        <div className="flex flex-wrap items-center gap-x-2">
          <h1 className="mr-2 text-[2.125rem] leading-tight font-extrabold tracking-tight">
            {view === "day"
              ? format(parseISO(day), "EEEE d MMMM")
              : `${format(parseISO(first), "d MMM")} to ${format(parseISO(dayAfter(first, 6)), "d MMM yyyy")}`}
          </h1>
          <StepLinks of={view} before={hrefOf(shift(-1))} after={hrefOf(shift(1))} />
          <Link
            href={hrefOf(today)}
            className="ml-2 inline-flex min-h-8 items-center font-semibold underline underline-offset-4 hover:text-ember"
          >
            Today
          </Link>
          <p className="ml-3 text-sm text-ink-soft">
            {view === "week" && `Week ${getISOWeek(parseISO(first))}, `}
            {counted(sessions.length, "session")}
            {more > 0 && `, ${more} more not shown: open the day`}
          </p>
        </div>
        <FloorToday sessions={sessions.filter((s) => s.day === today && s.people > 0)} />
        <ViewSwitch label="View" views={VIEWS} value={view} onChange={(as) => router.push(hrefOf(day, as))} />
        {/* biome-ignore lint/a11y/noStaticElementInteractions: the keys are those of the session in it that has the focus */}
        <div
          ref={grid}
          // A week is wider than a phone: it scrolls, today in the middle.
          className={`calendar mt-3 overflow-x-auto ${view === "week" ? "[&_.fc]:min-w-[46rem]" : ""}`}
          onKeyDown={(e) => {
            const id = (e.target as HTMLElement).dataset.session;
            const session = sessions.find((s) => s.id === id);
            if (session && moveByKey(session, e)) e.preventDefault();
          }}
        >
          <FullCalendar
            key={`${view} ${first}`}
            plugins={[timeGrid, interaction]}
            initialView={view === "week" ? "timeGridWeek" : "timeGridDay"}
            initialDate={view === "week" ? first : day}
            now={now}
            nowIndicator={now !== midnight}
            firstDay={weekStart}
            headerToolbar={false}
            height="auto"
            slotDuration="00:30:00"
            slotMinTime={`${clockTime(from)}:00`}
            slotMaxTime={to >= 24 * 60 ? "24:00:00" : `${clockTime(to)}:00`}
            slotLabelFormat={clock === 12 ? HALF_DAYS : WHOLE_DAYS}
            dayHeaderFormat={{ weekday: "short", day: "numeric", month: "short" }}
            allDayText="No time"
            editable
            eventDurationEditable={false}
            slotEventOverlap={false}
            snapDuration="00:15:00"
            eventDrop={(arg) => void drop(arg)}
            dateClick={({ date, allDay }) =>
              setFree({
                day: isoDay(date),
                time: allDay ? null : clockTime(date.getHours() * 60 + date.getMinutes()),
              })
            }
            eventDidMount={({ el, event }) => {
              el.setAttribute("aria-keyshortcuts", MOVE_KEYS);
              el.setAttribute("data-session", event.id);
              keepFocus(event.id, el);
            }}
            dayHeaderContent={({ date }) => (
              <Link href={hrefOf(isoDay(date), "day")} className="calendar-day">
                {format(date, "EEE d")}
              </Link>
            )}
            eventContent={Happening}
            events={sessions.map((s) => ({
              id: s.id,
              title: s.name,
              start: s.time ? `${s.day}T${s.from}:00` : s.day,
              end: s.time ? endOf(s) : undefined,
              allDay: s.time === null,
              url: `/session/${s.id}`,
              extendedProps: s,
            }))}
            eventClick={({ event, jsEvent }) => {
              jsEvent.preventDefault();
              router.push(event.url);
            }}
          />
        </div>
        <p className="mt-3 text-2xs text-ink-soft">
          Drag a session to move it, or focus it and press Shift with an arrow key. Click a free time for a
          new session.
        </p>
        <NewSessionSheet
          day={free?.day ?? today}
          time={free?.time ?? null}
          open={free !== null}
          onOpenChange={() => setFree(null)}
        />
      </main>
    </div>
  );
}

/** Today's sessions, each with the way to the floor: to start it, to go on, or to what was done. */
function FloorToday({ sessions }: { sessions: readonly CalendarSession[] }) {
  if (sessions.length === 0) return null;
  return (
    <ul aria-label="Today on the floor" className="mt-3 flex flex-wrap gap-x-8 gap-y-2">
      {sessions.map(({ id, name, time, floor }) => (
        <li key={id} className="flex items-center gap-3">
          <span>
            {time && (
              <span className="condensed font-bold">
                <ClockTime time={time} />{" "}
              </span>
            )}
            {name}
          </span>
          <FloorLink id={id} status={floor} name={name} />
        </li>
      ))}
    </ul>
  );
}

/** The end of a session in the picture: the first working set, or later where that leaves no room for words. */
function endOf({ day, from, time }: CalendarSession): string {
  const end = Math.max(clockMinutes(time!), clockMinutes(from!) + LEAST_SHOWN);
  return `${day}T${clockTime(Math.min(end, 24 * 60 - 1))}:00`;
}

function Happening({ event }: EventContentArg) {
  const { from, time, name, lifts, people } = event.extendedProps as CalendarSession;
  return (
    <span className="block overflow-hidden px-1.5 py-px leading-tight">
      <span className="condensed block font-bold whitespace-nowrap">
        {time ? (
          <>
            {from} <span className="font-normal">lifting</span> {time}
          </>
        ) : null}
      </span>
      <span className="block truncate font-semibold">{name}</span>
      <span className="condensed block truncate">
        {lifts.join(", ")} · {people}
      </span>
    </span>
  );
}
