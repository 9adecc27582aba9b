import { addDays, parseISO, subDays } from "date-fns";
import { sql } from "drizzle-orm";
import { shippedCatalog as catalog } from "@/catalog";
import type { AthleteRecord } from "@/core/athlete";
import type { EquipmentId } from "@/core/catalog";
import { startDraft, startLift, type WarmUpDraft } from "@/core/draft";
import type { GymKit } from "@/core/gym";
import { draftInSession, NOTHING_SAID, type Session, USUAL_RACKS } from "@/core/session";
import { type Weight, weight, weightStep } from "@/core/units";
import { database, together, write } from "@/data/database";
import {
  athlete,
  athleteArea,
  athleteLimiter,
  gym,
  gymEquipment,
  plate,
  session,
  sessionAthlete,
  trainingGroup,
  warmUp,
  workingWeight,
} from "@/data/schema";
import { isoDay } from "@/lib/iso-day";
import { demoGym } from "./gym";
import { type DemoAthlete, type DemoGroup, groups } from "./people";

export const kit: GymKit = {
  ...demoGym,
  bar: { name: demoGym.bar.name, weight: weight(demoGym.bar.weight), collar: weight(demoGym.bar.collar) },
  otherBars: demoGym.otherBars.map((b) => ({ ...b, weight: weight(b.weight) })),
  plates: demoGym.plates.map((p) => ({ ...p, weight: weight(p.weight) })),
  dumbbells: demoGym.dumbbells.map(weight),
  sledge: weight(demoGym.sledge),
  stack: {
    start: weight(demoGym.stack.start),
    step: weight(demoGym.stack.step),
    top: weight(demoGym.stack.top),
    addOns: demoGym.stack.addOns.map(weight),
  },
  help: demoGym.help.map(weight),
  equipment: Object.keys(demoGym.equipment) as EquipmentId[],
};

export function recordOf(member: DemoAthlete, group: string, now: Date): AthleteRecord {
  return {
    id: member.id,
    name: member.name,
    group,
    unit: "kg",
    experience: member.experience,
    birthYear: now.getFullYear() - member.age,
    bodyWeight: weight(member.bodyWeight),
    note: member.note ?? "",
    limiters: member.limiters,
    areas: member.areas.map(([area, level]) => ({ area, level })),
    workingWeights: member.weights.map(([lift, kg, reps, sets, rir, daysAgo]) => ({
      lift,
      weight: weight(kg),
      reps,
      sets,
      rir,
      day: isoDay(subDays(now, daysAgo)),
    })),
    maxima: [],
    ownBar: null,
    cannotUse: [],
    reached: [],
    approach: null,
    rampStyle: null,
  };
}

/** How a weight came to be what it is: weeks before it, and its share of it then; a lighter block in between. */
const PAST = [
  { weeks: 3, share: 0.98 },
  { weeks: 6, share: 0.96 },
  { weeks: 9, share: 0.9 },
  { weeks: 12, share: 0.93 },
  { weeks: 16, share: 0.89 },
];

/** What was lifted before a working weight, in whole steps of the unit. */
function pastOf(w: AthleteRecord["workingWeights"][number], unit: AthleteRecord["unit"]) {
  const step = weightStep(unit);
  return PAST.map(({ weeks, share }) => ({
    ...w,
    weight: Math.max(step, Math.floor((w.weight * share) / step) * step) as Weight,
    day: isoDay(subDays(parseISO(w.day), weeks * 7)),
  }));
}

/** The rows of one member: the athlete and what is known of them. */
function rowsOf(member: DemoAthlete, groupId: string, group: string, now: Date) {
  const record = recordOf(member, group, now);
  const { id, name, unit, experience, birthYear, bodyWeight, note } = record;
  return {
    athlete: { id, name, groupId, unit, experience, birthYear, bodyWeight, note },
    limiters: record.limiters.map((demand, place) => ({ athleteId: id, demand, place })),
    areas: record.areas.map((a) => ({ athleteId: id, ...a })),
    weights: record.workingWeights
      .flatMap((w) => [w, ...pastOf(w, unit)])
      .map((w) => ({ athleteId: id, ...w })),
  };
}

type OwnDraft = (given: WarmUpDraft, record: AthleteRecord, member: DemoAthlete) => WarmUpDraft;

/** Today each warms up alone, in the way that suits them. */
const alone: OwnDraft = (given, record, { today }) =>
  today ? startDraft(record, kit, catalog, today) : given;

/** Tomorrow all warm up together, some for another lift. */
const ownLifts: OwnDraft = (given, record, { today }) => {
  const lifts = today?.lifts.map((id) => startLift(record, kit, catalog.lifts.find((l) => l.id === id)!));
  return lifts ? { ...given, lifts } : given;
};

/** The rows of a group's session on a day; of what single members do, what differs from it. */
function sessionRows(
  group: DemoGroup,
  {
    id,
    day,
    time,
    isTogether,
    now,
    own,
  }: {
    id: string;
    day: string;
    time: string;
    isTogether: boolean;
    now: Date;
    own: OwnDraft | null;
  },
) {
  const { lifts, minutes, approach } = group.sessions;
  const content = {
    lifts: lifts.map((lift) => ({ lift, scheme: null, pairedWithNext: false })),
    minutes,
    approach,
    room: "normal" as const,
    together: isTogether,
    ...NOTHING_SAID,
    racks: USUAL_RACKS,
  };
  const participants = group.athletes.map((a) => ({ athleteId: a.id, absent: false }));
  const planned: Session = {
    ...{ id, name: group.name, day, time, gymId: kit.id, groupId: group.id },
    ...{ ...content, participants },
  };
  const updatedAt = now.getTime();
  const warmUps = group.athletes.flatMap((member) => {
    const record = recordOf(member, group.name, now);
    const given = draftInSession(planned, record, kit, catalog);
    const draft = JSON.stringify(own?.(given, record, member) ?? given);
    const row = { sessionId: id, athleteId: member.id, draft, given: JSON.stringify(given) };
    return draft === row.given ? [] : [{ ...row, revision: 1, updatedAt }];
  });
  return {
    session: {
      ...{ id, name: group.name, day, time, gymId: kit.id, groupId: group.id, updatedAt },
      content: JSON.stringify(content),
    },
    participants: participants.map((p, place) => ({ ...p, sessionId: id, place })),
    warmUps,
  };
}

/** Today's and tomorrow's sessions of every group. */
function sessionsAround(now: Date, idOf: (when: "today" | "tomorrow", day: string, group: string) => string) {
  const [today, tomorrow] = [isoDay(now), isoDay(addDays(now, 1))];
  return groups.flatMap((g) => [
    sessionRows(g, {
      ...{ id: idOf("today", today, g.id), day: today, time: g.sessions.today },
      ...{ isTogether: false, now, own: alone },
    }),
    sessionRows(g, {
      ...{ id: idOf("tomorrow", tomorrow, g.id), day: tomorrow, time: g.sessions.tomorrow },
      ...{ isTogether: true, now, own: ownLifts },
    }),
  ]);
}

/** Days of the sessions in the two weeks before and the week after. */
const AROUND = [-14, -12, -10, -7, -5, -3, 3, 5, 7];

/** What the groups did or will do so many days from now, every other group a day later. */
export function sessionsOn(now: Date, offsets: readonly number[] = AROUND) {
  return groups.flatMap((g, i) =>
    offsets.map((offset) => {
      const day = isoDay(addDays(now, offset + (i % 2)));
      const id = `${day}-${g.id}`;
      return sessionRows(g, { id, day, time: g.sessions.tomorrow, isTogether: true, now, own: null });
    }),
  );
}

/**
 * Fills an empty database with the demo gym, all or nothing, its dates relative to `now`. On a later day only
 * the groups' sessions of that day and the next are added; what has been changed stays.
 */
export async function seedDemo(now: Date): Promise<void> {
  const db = await database();
  const [known] = await db.select({ count: sql<number>`count(*)` }).from(athlete);
  if (known && known.count > 0) return addMissingSessions(now);
  const members = groups.flatMap((g) => g.athletes.map((a) => rowsOf(a, g.id, g.name, now)));
  const sessions = [...sessionsAround(now, (when, _, group) => `${when}-${group}`), ...sessionsOn(now)];
  const { plates, bar, ...rest } = kit;
  await write((open) =>
    open.batch([
      open.insert(gym).values({
        id: rest.id,
        name: rest.name,
        unit: rest.unit,
        barName: bar.name,
        barWeight: bar.weight,
        collarWeight: bar.collar,
        otherBars: rest.otherBars,
        dumbbells: rest.dumbbells,
        sledgeWeight: rest.sledge,
        stack: rest.stack,
        help: rest.help,
      }),
      open.insert(plate).values(plates.map((p) => ({ ...p, gymId: rest.id }))),
      open
        .insert(gymEquipment)
        .values(
          Object.entries(demoGym.equipment).map(([id, count]) => ({ gymId: rest.id, equipment: id, count })),
        ),
      open.insert(trainingGroup).values(groups.map((g, place) => ({ id: g.id, name: g.name, place }))),
      open.insert(athlete).values(members.map((m) => m.athlete)),
      open.insert(athleteLimiter).values(members.flatMap((m) => m.limiters)),
      open.insert(athleteArea).values(members.flatMap((m) => m.areas)),
      open.insert(workingWeight).values(members.flatMap((m) => m.weights)),
      open.insert(session).values(sessions.map((s) => s.session)),
      open.insert(sessionAthlete).values(sessions.flatMap((s) => s.participants)),
      open.insert(warmUp).values(sessions.flatMap((s) => s.warmUps)),
    ]),
  );
}

/** Adds the sessions of a later day where the coach has none then, of groups and athletes that are still there. */
async function addMissingSessions(now: Date): Promise<void> {
  const db = await database();
  const stored = new Set((await db.select({ id: athlete.id }).from(athlete)).map((row) => row.id));
  const groupIds = new Set((await db.select({ id: trainingGroup.id }).from(trainingGroup)).map((g) => g.id));
  const planned = await db.select({ day: session.day, groupId: session.groupId }).from(session);
  const missing = sessionsAround(now, (_, day, group) => `${day}-${group}`).filter(
    ({ session: s }) =>
      groupIds.has(s.groupId) && !planned.some((p) => p.day === s.day && p.groupId === s.groupId),
  );
  await write((open) =>
    together(
      open,
      missing.flatMap(({ session: row, participants, warmUps }) => {
        const there = participants.filter((p) => stored.has(p.athleteId));
        const own = warmUps.filter((w) => stored.has(w.athleteId));
        return [
          open.insert(session).values(row).onConflictDoNothing(),
          ...(there.length > 0 ? [open.insert(sessionAthlete).values(there).onConflictDoNothing()] : []),
          ...(own.length > 0 ? [open.insert(warmUp).values(own).onConflictDoNothing()] : []),
        ];
      }),
    ),
  );
}
