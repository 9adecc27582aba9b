import { addDays, format, subMinutes } from "date-fns";
import { and, eq, gte, inArray, lt } from "drizzle-orm";
import { shippedCatalog as catalog } from "@/catalog";
import { type FloorEvent, type FloorPlan, foldEvents, planFloor } from "@/core/floor";
import { type GroupPlan, planEach, planGroup } from "@/core/group";
import { outlineOf, planWarmUp } from "@/core/plan";
import { rackOrders } from "@/core/rack";
import {
  draftInSession,
  groupRequestFor,
  type MemberDraft,
  rackRequestFor,
  requestInSession,
  type Session,
  sessionReady,
} from "@/core/session";
import { database, together, write } from "@/data/database";
import { keepRecord } from "@/data/keep-record";
import { floorEvent, floorRun, session, sessionAthlete } from "@/data/schema";
import { isoDay } from "@/lib/iso-day";
import { groups } from "./people";
import { playFloor, seedOf } from "./play-floor";
import { kit, recordOf, sessionsOn } from "./seed";

/** How long ago the session that runs was started. Minutes. */
const STARTED_MINUTES_AGO = 6;
/** Weeks of sessions that have been recorded; of those before the last two the days in each. */
const RECORDED_WEEKS = 8;
const DAYS_OF_WEEK = [-7, -5, -3];

/** What is run on the floor of a session, planned as it is now. */
function planned(row: typeof session.$inferSelect, ids: readonly string[], now: Date) {
  const content = JSON.parse(row.content) as Omit<
    Session,
    "id" | "name" | "day" | "time" | "gymId" | "groupId" | "participants"
  >;
  const participants = ids.map((athleteId) => ({ athleteId, absent: false }));
  const { id, name, day, time, gymId, groupId } = row;
  const planned: Session = { id, name, day, time, gymId, groupId, ...content, participants };
  const members = groups
    .flatMap((g) => g.athletes.map((a) => ({ member: a, group: g.name })))
    .filter((m) => ids.includes(m.member.id))
    .map(({ member, group }): MemberDraft => {
      const athlete = recordOf(member, group, now);
      return { athlete, draft: draftInSession(planned, athlete, kit, catalog) };
    });
  const request = planned.together ? groupRequestFor(planned, members, kit, catalog) : null;
  const whole: GroupPlan = request
    ? planGroup(request)
    : planEach(
        members.map((m) => ({
          ...{ id: m.athlete.id, name: m.athlete.name },
          request: requestInSession(planned, m, kit, catalog, null),
        })),
      );
  const racks = rackRequestFor(whole, planned.racks, kit, catalog);
  // A good order is enough for what is over.
  const orders = racks && rackOrders(racks.lifters, racks.racks, racks.secondsPerMove).next().value;
  const each = members.map((m) => {
    const part = request ? (whole.members.find((w) => w.id === m.athlete.id) ?? null) : null;
    const asked = requestInSession(planned, m, kit, catalog, part);
    return { athlete: m.athlete, request: asked, plan: outlineOf(planWarmUp(asked)) };
  });
  return planFloor(planned, kit, each, sessionReady(whole, racks, orders), catalog);
}

/** Plans by what they are made of: of sessions that are alike only when they are differs. */
const known = new Map<string, FloorPlan>();

function plannedOnce(row: typeof session.$inferSelect, ids: readonly string[], now: Date): FloorPlan {
  const { id: sessionId, name, day, time, content } = row;
  const key = `${content} ${ids.join()}`;
  const plan = known.get(key) ?? planned(row, ids, now);
  known.set(key, plan);
  return { ...plan, sessionId, name, day, time };
}

/** Puts in the sessions of the weeks before those that the demo has anyway. */
async function addEarlierSessions(now: Date): Promise<void> {
  const offsets = Array.from({ length: RECORDED_WEEKS - 2 }, (_, i) => -7 * (i + 2)).flatMap((week) =>
    DAYS_OF_WEEK.map((day) => week + day),
  );
  const rows = sessionsOn(now, offsets);
  await write((db) =>
    together(db, [
      db
        .insert(session)
        .values(rows.map((r) => r.session))
        .onConflictDoNothing(),
      db
        .insert(sessionAthlete)
        .values(rows.flatMap((r) => r.participants))
        .onConflictDoNothing(),
    ]),
  );
}

/** Stores a session that was started with what has happened in it so far. */
async function record(
  row: typeof session.$inferSelect,
  ids: readonly string[],
  startAt: number,
  until: number,
  now: Date,
) {
  const plan = plannedOnce(row, ids, now);
  const events = playFloor(plan, startAt, seedOf(row.id)).filter((e) => e.at <= until);
  const { finished } = foldEvents(plan, events);
  const rowOf = (e: FloorEvent) => ({
    ...{ id: e.id, sessionId: row.id, athleteId: e.athlete, content: JSON.stringify(e), at: e.at },
  });
  await write((db) =>
    together(db, [
      db
        .insert(floorRun)
        .values({
          sessionId: row.id,
          plan: JSON.stringify(plan),
          startedAt: startAt,
          endedAt: finished?.at ?? null,
        })
        .onConflictDoNothing(),
      ...events.map((e) => db.insert(floorEvent).values(rowOf(e)).onConflictDoNothing()),
    ]),
  );
  if (finished) await keepRecord(plan, events, finished.at);
}

/**
 * Plays the sessions of the last eight weeks as they would have gone, and starts one of today some minutes ago: the masters warm up as a
 * group. What has been started already stays as it is.
 */
export async function seedFloor(now: Date): Promise<void> {
  await addEarlierSessions(now);
  const db = await database();
  const masters = groups.find((g) => g.id === "masters");
  const id = runningId(isoDay(now));
  const startAt = subMinutes(now, STARTED_MINUTES_AGO);
  const [today] = await db
    .select()
    .from(session)
    .where(and(eq(session.day, isoDay(now)), eq(session.groupId, masters!.id)));
  if (today) {
    const content = { ...JSON.parse(today.content), together: true };
    const row = {
      ...today,
      id,
      name: `${masters!.name}, on the floor`,
      time: format(addMinutesTo(startAt), "HH:mm"),
      readySeconds: null,
      content: JSON.stringify(content),
    };
    await write((open) =>
      together(open, [
        open.insert(session).values(row).onConflictDoNothing(),
        ...masters!.athletes.map((a, place) =>
          open.insert(sessionAthlete).values({ sessionId: id, athleteId: a.id, place }).onConflictDoNothing(),
        ),
      ]),
    );
  }
  const from = isoDay(addDays(now, -7 * RECORDED_WEEKS - 1));
  const rows = [
    ...(await db.select().from(session).where(eq(session.id, id))),
    ...(await db
      .select()
      .from(session)
      .where(and(gte(session.day, from), lt(session.day, isoDay(now))))),
  ];
  const started = new Set((await db.select({ id: floorRun.sessionId }).from(floorRun)).map((r) => r.id));
  const people = await db
    .select()
    .from(sessionAthlete)
    .where(
      inArray(
        sessionAthlete.sessionId,
        rows.map((r) => r.id),
      ),
    );
  for (const row of rows) {
    if (started.has(row.id)) continue;
    const ids = people.filter((p) => p.sessionId === row.id && !p.absent).map((p) => p.athleteId);
    const isNow = row.id === id;
    const at = isNow
      ? startAt.getTime()
      : new Date(`${row.day}T${row.time ?? "18:00"}:00`).getTime() - 20 * 60_000;
    if (ids.length > 0) await record(row, ids, at, isNow ? now.getTime() : Number.POSITIVE_INFINITY, now);
  }
}

/** The session of a day that runs in the demo. */
export const runningId = (day: string) => `${day}-floor`;

/** When the working sets of the session that runs begin. */
const addMinutesTo = (start: Date) =>
  new Date(Math.ceil((start.getTime() + 20 * 60_000) / 300_000) * 300_000);
