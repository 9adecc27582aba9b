import type { AthleteRecord } from "@/core/athlete";
import type { Catalog } from "@/core/catalog";
import type { WarmUpDraft } from "@/core/draft";
import type { GymKit } from "@/core/gym";
import { draftInSession, mergeDraft, type OwnPart, ownParts, type Session } from "@/core/session";
import { readSession, readWarmUps, type SessionWithPeople, type WarmUpRow } from "@/data/sessions";
import { fail, ok, type Result } from "@/lib/result";
import { athleteRecords } from "../athletes/athlete-record";
import { gymKit } from "../gyms/gym-kit";
import { parseJson } from "../parse-json";
import { draftSchema } from "../schemas/draft";
import { firstProblem } from "../schemas/problems";
import { contentSchema } from "../schemas/session";
import { today } from "./day";

/** One who takes part, with what is planned for them. */
export interface Member {
  athlete: AthleteRecord;
  absent: boolean;
  /** What the session gives, and what it has become by the coach's changes for this one. */
  given: WarmUpDraft;
  draft: WarmUpDraft;
  /** What the coach has changed. */
  own: OwnPart[];
  /** Of the stored changes; 0: none. */
  revision: number;
  /** Set where the stored changes cannot be read: which field is wrong. The draft is as given. */
  unreadable: string | null;
}

export interface OpenSession {
  session: Session;
  revision: number;
  /** When all were ready as it was last worked out; null: not since it was changed. */
  readySeconds: number | null;
  gym: GymKit;
  /** In the session's order, those who are absent included. */
  members: Member[];
}

type SessionFailure = { kind: "missing" } | { kind: "unreadable"; message: string };

/** Reads a stored draft; a sentence says which field of it is wrong. */
export function parseDraft(json: string, catalog: Catalog): Result<WarmUpDraft, string> {
  const value = parseJson(json);
  if (value === undefined) return fail("The stored warm-up is not readable.");
  const parsed = draftSchema(catalog).safeParse(value);
  return parsed.success ? ok(parsed.data) : fail(firstProblem(parsed.error));
}

/** A stored session as the core knows one; a sentence says which field of it is wrong. */
export function parseSession(
  { session: row, participants }: SessionWithPeople,
  catalog: Catalog,
): Result<Session, string> {
  const parsed = contentSchema(catalog).safeParse(parseJson(row.content));
  if (!parsed.success) return fail(firstProblem(parsed.error));
  return ok({
    id: row.id,
    name: row.name,
    day: row.day,
    time: row.time,
    gymId: row.gymId,
    groupId: row.groupId,
    ...(row.seriesId !== null && { series: { id: row.seriesId, rule: row.seriesRule ?? "" } }),
    ...parsed.data,
    participants: participants.map(({ athleteId, absent }) => ({ athleteId, absent })),
  });
}

/** What is planned for one who takes part. */
function memberOf(
  session: Session,
  athlete: AthleteRecord,
  gym: GymKit,
  stored: WarmUpRow | undefined,
  catalog: Catalog,
): Member {
  const given = draftInSession(session, athlete, gym, catalog);
  const absent = session.participants.some((p) => p.athleteId === athlete.id && p.absent);
  if (!stored) return { athlete, absent, given, draft: given, own: [], revision: 0, unreadable: null };
  const { revision } = stored;
  const own = parseDraft(stored.draft, catalog);
  if (!own.ok) return { athlete, absent, given, draft: given, own: [], revision, unreadable: own.error };
  const before = stored.given === null ? null : parseDraft(stored.given, catalog);
  const draft = before?.ok ? mergeDraft(before.value, own.value, given) : own.value;
  return { athlete, absent, given, draft, own: ownParts(given, draft), revision, unreadable: null };
}

/** The day up to which weights count: what was lifted after a past session says nothing about it. */
function knownOn(day: string): string {
  return day < today() ? day : "9999-12-31";
}

/** A stored session and, where it can be read, what is planned in it. */
export interface SessionToShow {
  row: SessionWithPeople["session"];
  opened: Result<OpenSession, string>;
}

/** Stored sessions with what is planned for everybody: what they share is read once. */
export async function openSessions(
  rows: readonly SessionWithPeople[],
  catalog: Catalog,
): Promise<SessionToShow[]> {
  const read = rows.map((row) => ({ row, session: parseSession(row, catalog) }));
  const gymIds = [...new Set(rows.map((r) => r.session.gymId))];
  // Weights are those of the session's day, so sessions of different days are read apart.
  const days = [...new Set(rows.map((r) => knownOn(r.session.day)))];
  const idsOn = (day: string) => [
    ...new Set(
      rows
        .filter((r) => knownOn(r.session.day) === day)
        .flatMap((r) => r.participants.map((p) => p.athleteId)),
    ),
  ];
  const [gyms, records, warmUps] = await Promise.all([
    Promise.all(gymIds.map((id) => gymKit(id))),
    Promise.all(days.map((day) => athleteRecords(idsOn(day), day))),
    readWarmUps(rows.map((r) => r.session.id)),
  ]);
  return read.map(({ row, session }) => {
    const gym = gyms[gymIds.indexOf(row.session.gymId)];
    const recordOf = records[days.indexOf(knownOn(row.session.day))]!;
    if (!session.ok) return { row: row.session, opened: fail(session.error) };
    if (!gym) return { row: row.session, opened: fail("Its gym is no longer there.") };
    const { id, participants } = session.value;
    const members = participants.flatMap(({ athleteId }) => {
      const record = recordOf(athleteId);
      const stored = warmUps.find((w) => w.sessionId === id && w.athleteId === athleteId);
      // Who is in the archive was there once, but does not come any more.
      if (!record || (record.archived && row.session.day >= today())) return [];
      return [memberOf(session.value, record.athlete, gym, stored, catalog)];
    });
    return {
      row: row.session,
      opened: ok({
        session: session.value,
        revision: row.session.revision,
        readySeconds: row.session.readySeconds,
        gym,
        members,
      }),
    };
  });
}

/** A session with its people and what is planned for each. */
export async function openSession(
  id: string,
  catalog: Catalog,
): Promise<Result<OpenSession, SessionFailure>> {
  const row = await readSession(id);
  if (!row) return fail({ kind: "missing" });
  const [shown] = await openSessions([row], catalog);
  return shown!.opened.ok ? shown!.opened : fail({ kind: "unreadable", message: shown!.opened.error });
}

/** A session opened at one athlete. */
export interface OpenWarmUp extends OpenSession {
  member: Member;
}

type WarmUpFailure =
  | { kind: "missing" }
  | { kind: "unreadable"; sessionId: string; athleteId: string; message: string };

/** One athlete's part of a session. */
export async function openWarmUp(
  sessionId: string,
  athleteId: string,
  catalog: Catalog,
): Promise<Result<OpenWarmUp, WarmUpFailure>> {
  const opened = await openSession(sessionId, catalog);
  if (!opened.ok) return fail({ kind: "missing" });
  const member = opened.value.members.find((m) => m.athlete.id === athleteId);
  if (!member) return fail({ kind: "missing" });
  if (member.unreadable !== null)
    return fail({ kind: "unreadable", sessionId, athleteId, message: member.unreadable });
  return ok({ ...opened.value, member });
}
