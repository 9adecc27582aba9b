import { addDays, format, parseISO } from "date-fns";
import { TriangleAlert } from "lucide-react";
import { stairInWords } from "@/core/plan";
import { counted, formatClock, formatWeight } from "@/core/units";
import { FollowUpList } from "@/features/follow-ups/follow-up-list";
import { NewSession } from "@/features/new-session/new-session";
import { DeskLink } from "@/features/shared/desk-link";
import { FloorLink } from "@/features/shared/floor-link";
import { SiteHeader } from "@/features/shared/site-header";
import { SmallStair } from "@/features/shared/small-stair";
import { isoDay } from "@/lib/iso-day";
import type { FollowUp } from "@/server/follow-ups/follow-ups";
import type { DayLine, DayPage, DaySession } from "@/server/sessions/list-day";
import { ClockTime } from "@/ui/clock-time";
import { Link } from "@/ui/link";
import { StepLinks } from "@/ui/step-links";
import { KeptFloors } from "./kept-floors";

/** Every small stair stands for at least this many minutes, so that they compare. */
const LEAST_MINUTES = 15;

/** A day's sessions in time order, each with its people, their small stairs and what needs attention. */
export function Today({
  listed,
  today,
  followUps,
}: {
  listed: DayPage;
  today: string;
  /** What hurt lately and is asked about, or is to be known. */
  followUps: readonly FollowUp[];
}) {
  const { day, sessions, page, pages, total } = listed;
  const lines = sessions.flatMap((s) => s.lines);
  const minutes = Math.max(LEAST_MINUTES, ...lines.map((l) => Math.ceil(l.stair.seconds / 60) + 1));
  const attention = lines.filter((l) => l.attention.length > 0).length;
  const hrefOf = (by: number) => {
    const to = isoDay(addDays(parseISO(day), by));
    return to === today ? "/" : `/?day=${to}`;
  };
  const words = [
    total === 0 ? null : counted(total, "session"),
    attention > 0 ? `${attention} to check` : null,
  ].filter((w) => w !== null);
  return (
    <div className="min-h-dvh">
      <SiteHeader at="/">
        <NewSession day={day} />
      </SiteHeader>
      <main id="content" className="mx-auto max-w-[80rem] px-4 pt-6 pb-16 sm:px-7">
        <div className="flex flex-wrap items-center gap-x-2">
          <h1 className="mr-2 text-[2.125rem] leading-tight font-extrabold tracking-tight">
            {format(parseISO(day), "EEEE d MMMM")}
          </h1>
          <StepLinks of="day" before={hrefOf(-1)} after={hrefOf(1)} />
          {day !== today && (
            <Link href="/" className="ml-2 font-semibold underline underline-offset-4 hover:text-ember">
              Today
            </Link>
          )}
          <p className="ml-3 text-sm text-ink-soft">{words.join(", ")}</p>
        </div>
        {total === 0 && (
          <p className="mt-6 text-sm text-ink-soft">
            No sessions on this day. Create one with the button above.
          </p>
        )}
        <FollowUpList followUps={followUps} today={today} />
        <KeptFloors ids={sessions.map((s) => s.id)} />
        {sessions.map((session) => (
          <SessionBlock key={session.id} session={session} minutes={minutes} isPast={day < today} />
        ))}
        {pages > 1 && (
          <nav aria-label="Pages" className="mt-8 flex items-center gap-4">
            {page > 1 && <Link href={`/?day=${day}&page=${page - 1}`}>Earlier</Link>}
            <span className="text-ink-soft">
              Page {page} of {pages}
            </span>
            {page < pages && <Link href={`/?day=${day}&page=${page + 1}`}>Later</Link>}
          </nav>
        )}
      </main>
    </div>
  );
}

function SessionBlock({
  session,
  minutes,
  isPast,
}: {
  session: DaySession;
  minutes: number;
  isPast: boolean;
}) {
  const { id, name, time, arriveBy, overSeconds, gym, together, lines, absent, unreadable } = session;
  const facts = [
    counted(lines.length, "athlete"),
    ...(absent.length > 0 ? [`${absent.length} absent`] : []),
    ...(lines.length > 1 ? [together ? "group" : "individual"] : []),
    gym,
  ];
  const over = Math.ceil(overSeconds / 60);
  return (
    <section className="mt-6 grid gap-x-6 lg:grid-cols-[7.5rem_minmax(0,1fr)]">
      <p className="condensed pt-1 text-2xl leading-none font-bold">
        {time ? <ClockTime time={time} /> : "No time"}
      </p>
      <div>
        <div className="flex flex-wrap items-baseline gap-x-4">
          <h2 className="text-lg font-bold tracking-tight">
            <DeskLink
              href={`/session/${id}`}
              className="inline-flex min-h-8 items-center underline decoration-line-strong underline-offset-4 hover:text-ember"
            >
              {name}
            </DeskLink>
          </h2>
          <p className="text-ink-soft">
            {arriveBy && !unreadable && (
              <>
                Arrive <ClockTime time={arriveBy} />
                {" · "}
              </>
            )}
            {unreadable ? `It cannot be read: ${unreadable}` : facts.join(" · ")}
            {over > 0 && <span className="font-semibold text-ember"> · {over} min over</span>}
          </p>
          {lines.length > 0 && (
            <span className="ml-auto self-center">
              <FloorLink id={id} status={session.floor} name={name} isPast={isPast} />
            </span>
          )}
        </div>
        <ul className="mt-1 grid gap-x-8 md:grid-cols-2">
          {lines.map((line) => (
            <li key={line.athlete.id} className="border-t border-line">
              <Line sessionId={id} line={line} minutes={minutes} together={together} />
            </li>
          ))}
        </ul>
      </div>
    </section>
  );
}

function Line({
  sessionId,
  line,
  minutes,
  together,
}: {
  sessionId: string;
  line: DayLine;
  minutes: number;
  together: boolean;
}) {
  const { athlete, lifts, first, stair, attention, approach } = line;
  return (
    <DeskLink
      href={`/session/${sessionId}/${athlete.id}`}
      className="grid min-h-[4.25rem] grid-cols-[minmax(0,1fr)_8rem] items-end gap-4 py-1.5 hover:bg-field xl:grid-cols-[minmax(0,1fr)_13rem]"
    >
      <span className="min-w-0 self-center">
        <span className="block truncate text-sm font-semibold">{athlete.name}</span>
        <span className="block truncate text-ink-soft">
          {lifts[0]} · {first.sets} × {first.reps}
          {first.weight !== null && (
            <>
              {" × "}
              <span className="font-semibold text-ink">{formatWeight(first.weight)}</span>
            </>
          )}
          {lifts.length > 1 && `, then ${lifts.slice(1).join(", ").toLowerCase()}`}
        </span>
        <span className="condensed block truncate text-ink-faint">
          {attention.length > 0 ? (
            <span className="flex min-w-0 items-center gap-1 font-semibold text-ember">
              <TriangleAlert aria-hidden className="size-3 shrink-0" />
              <span className="min-w-0 truncate" title={attention[0]!.message}>
                {attention[0]!.message.split(". ")[0]}
              </span>
            </span>
          ) : (
            `${together ? "" : `${approach} · `}${formatClock(stair.seconds)} of ${line.minutes} min`
          )}
        </span>
      </span>
      <SmallStair stair={stair} width={208} height={48} minutes={minutes} label={stairInWords(stair)} />
    </DeskLink>
  );
}
