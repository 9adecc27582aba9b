import { addDays, format, subMinutes } from "date-fns";
import { and, eq, gte, inArray, lt } from "drizzle-orm";
import { shippedCatalog as catalog } from "@/catalog";
import { type FloorEvent, foldEvents, planFloor } from "@/core/floor";
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
import { groups } from "./people";
import { playFloor, seedOf } from "./play-floor";
import { kit, recordOf } from "./seed";

/** How long ago the session that runs was started. Minutes. */
const STARTED_MINUTES_AGO = 6;
/** Days of sessions that have been recorded. */
const RECORDED_DAYS = 14;

const isoDay = (day: Date) => format(day, "yyyy-MM-dd");

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

/** Stores a session that was started with what has happened in it so far. */
async function record(
  row: typeof session.$inferSelect,
  ids: readonly string[],
  startAt: number,
  until: number,
  now: Date,
) {
  const plan = planned(row, ids, now);
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
 * Plays the sessions of the last two weeks as they would have gone, and starts one of today some minutes ago: the masters warm up as a
 * group. What has been started already stays as it is.
 */
export async function seedFloor(now: Date): Promise<void> {
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
  const from = isoDay(addDays(now, -RECORDED_DAYS));
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
