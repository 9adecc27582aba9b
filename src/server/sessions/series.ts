import { z } from "zod";
import type { Catalog } from "@/core/catalog";
import {
  MOST_NEW_SESSIONS,
  PROGRESSION_LIMITS,
  type Progression,
  type Session,
  type SessionLift,
  sessionInWeek,
  weeksBetween,
} from "@/core/session";
import { counted } from "@/core/units";
import {
  changeSessions,
  deleteSessions,
  type NewSession,
  readSeries,
  readSession,
  readWarmUps,
  type SessionChange,
  type SessionWithPeople,
} from "@/data/sessions";
import { keepUndoable } from "@/data/undoables";
import { daysAfter, weeklyRule } from "@/lib/weekly-rule";
import { type Refused, refuse } from "../schemas/problems";
import { dayField, sessionRow } from "../schemas/session";
import { today } from "./day";
import { parseSession } from "./open-session";
import { keptOf, restoreSession } from "./save-session";
import { newSession, withoutProgress } from "./start-session";

const number = (name: keyof typeof PROGRESSION_LIMITS, what: string) => {
  const [least, most] = PROGRESSION_LIMITS[name];
  const message = `Give ${what} from ${least} to ${most}.`;
  return z.number({ error: message }).min(least, message).max(most, message);
};

export const repeatSessionSchema = z.strictObject({
  id: z.string().max(100),
  /** 0 is Monday. */
  weekdays: z.array(z.number().int().min(0).max(6)).min(1, "Choose a day of the week.").max(7),
  until: dayField,
  progression: z
    .strictObject({
      step: number("step", "points of per cent"),
      backOffEvery: number("backOffEvery", "weeks").int().nullable(),
      backOff: number("backOff", "points of per cent"),
    })
    .nullable() satisfies z.ZodType<Progression | null>,
});

const NOT_THERE = "This session is no longer there.";

/** Who takes part, everybody expected again. */
const expected = (session: Session) =>
  session.participants.map(({ athleteId }, place) => ({ athleteId, place, absent: false }));

/** Makes a session come again on days of every week, each time on its own, with the shares of the maximum of its week. */
export async function repeatSession(
  { id, weekdays, until, progression }: z.output<typeof repeatSessionSchema>,
  catalog: Catalog,
): Promise<{ kind: "repeated"; ids: string[] } | Refused> {
  const row = await readSession(id);
  const read = row && parseSession(row, catalog);
  if (!row || !read) return refuse(NOT_THERE);
  if (!read.ok) return refuse(read.error);
  const session = read.value;
  const weekly = { weekdays, until };
  const days = daysAfter(session.day, weekly, MOST_NEW_SESSIONS + 1);
  if (days.length === 0) return refuse("until: No such day comes before it. Choose a later one.");
  if (days.length > MOST_NEW_SESSIONS)
    return refuse(`until: These are over ${MOST_NEW_SESSIONS} sessions. Choose an earlier day.`);
  const series = { id: crypto.randomUUID(), rule: weeklyRule(weekly) };
  const warmUps = (await readWarmUps([id])).map(({ sessionId: _, ...w }) => ({
    ...w,
    draft: withoutProgress(w.draft),
  }));
  const people = session.participants.map((p) => p.athleteId);
  const made = days.map((day) => {
    const then = progression ? sessionInWeek(session, progression, weeksBetween(session.day, day)) : session;
    return newSession({ ...then, series, id: crypto.randomUUID(), day }, people, warmUps);
  });
  const first: SessionChange = {
    ...{ id, revision: row.session.revision },
    to: sessionRow({ ...session, series }),
    participants: session.participants.map((p, place) => ({ ...p, place })),
  };
  const others = await changeSessions([first], made);
  if (others.length > 0) return refuse("It was edited somewhere else meanwhile. Look, and try again.");
  return { kind: "repeated", ids: made.map((m) => m.session.id) };
}

/** Which sessions of a series something is about, besides the one that is open; never those that are past. */
const whichField = z.enum(["following", "all"]);

export const seriesSchema = z.strictObject({ id: z.string().max(100), which: whichField });
type SeriesRequest = z.output<typeof seriesSchema>;

/** A session of a series, and those of it that are meant, without itself. */
async function seriesOf({ id, which }: SeriesRequest) {
  const row = await readSession(id);
  if (!row?.session.seriesId) return null;
  const { day, seriesId } = row.session;
  const from = which === "following" && day > today() ? day : today();
  const others = (await readSeries(seriesId, from)).filter((s) => s.session.id !== id);
  return { row, others };
}

/** The lifts of one session for another: of a lift that has shares of the maximum in both, the other's stays. */
function withOwnShares(lifts: readonly SessionLift[], theirs: readonly SessionLift[]): SessionLift[] {
  return lifts.map((l, i) => {
    const own = theirs[i];
    const isShare = (x: SessionLift | undefined) => x?.scheme?.load.kind === "percent";
    if (!l.scheme || own?.lift !== l.lift || !isShare(l) || !isShare(own)) return l;
    return { ...l, scheme: { ...l.scheme, load: own.scheme!.load } };
  });
}

/** A session as another of its series is to be: everything but its day, its weeks' shares, and what was done. */
function sameAs(like: Session, session: Session): Session {
  const { id, day, series } = session;
  return {
    ...{ ...like, id, day, series },
    lifts: withOwnShares(like.lifts, session.lifts),
    subGroups: like.subGroups.map((g, i) => ({
      ...g,
      lifts: withOwnShares(g.lifts, session.subGroups[i]?.lifts ?? []),
    })),
  };
}

const changeOf = (
  row: SessionWithPeople,
  to: SessionChange["to"],
  people: SessionChange["participants"],
) => ({
  ...{ id: row.session.id, revision: row.session.revision, to },
  participants: people,
});

/** Makes others of a series as one of them is: lifts, time, people, drills, gym and name; what was changed for single ones stays. */
export async function changeSeries(
  request: SeriesRequest,
  catalog: Catalog,
): Promise<{ kind: "changed"; what: string; token: string } | Refused> {
  const found = await seriesOf(request);
  if (!found) return refuse(NOT_THERE);
  const like = parseSession(found.row, catalog);
  if (!like.ok) return refuse(like.error);
  const changes = found.others.flatMap((row) => {
    const session = parseSession(row, catalog);
    return session.ok
      ? [{ row, change: changeOf(row, sessionRow(sameAs(like.value, session.value)), expected(like.value)) }]
      : [];
  });
  if (changes.length === 0) return refuse("There are no others of the series to come.");
  const missed = await changeSessions(changes.map((c) => c.change));
  const before: SessionChange[] = changes
    .filter((c) => !missed.includes(c.change.id))
    .map(({ row: { session, participants } }) => {
      const { id, revision, ...to } = session;
      const people = participants.map(({ athleteId, absent }, place) => ({ athleteId, absent, place }));
      return { id, revision: revision + 1, to, participants: people };
    });
  const what = `${counted(before.length, "session")} made like this one`;
  return { kind: "changed", what, token: await keepUndoable("changed-sessions", what, before) };
}

/** Takes such a change back. Returns the days of those that have been changed since, and stay. */
export async function restoreChangedSessions(before: readonly SessionChange[]): Promise<string[]> {
  const stay = await changeSessions(before);
  return before.filter((b) => stay.includes(b.id)).map((b) => b.to.day);
}

/** Deletes a session with others of its series. Returns the token that restores them. */
export async function removeSeries(
  request: SeriesRequest,
): Promise<{ kind: "removed"; what: string; token: string } | Refused> {
  const found = await seriesOf(request);
  if (!found) return refuse(NOT_THERE);
  const rows = [found.row, ...found.others];
  const kept = await Promise.all(rows.map(keptOf));
  const what = `${found.row.session.name}, ${counted(rows.length, "session")}`;
  const token = await keepUndoable("sessions", what, kept);
  await deleteSessions(rows.map((r) => r.session.id));
  return { kind: "removed", what, token };
}

/** Restores sessions that were deleted together. */
export async function restoreSessions(removed: readonly NewSession[]): Promise<void> {
  for (const one of removed) await restoreSession(one);
}
