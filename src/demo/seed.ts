import { format, subDays } from "date-fns";
import { sql } from "drizzle-orm";
import { catalog } from "@/catalog";
import type { EquipmentId } from "@/core/catalog";
import { weight } from "@/core/units";
import { type AthleteRecord, type GymKit, startDraft } from "@/core/warm-up";
import { database, write } from "@/data/database";
import {
  athlete,
  athleteArea,
  athleteLimiter,
  gym,
  gymEquipment,
  plate,
  trainingGroup,
  warmUp,
  workingWeight,
} from "@/data/schema";
import { hall } from "./hall";
import { type DemoAthlete, groups } from "./people";

const isoDay = (day: Date) => format(day, "yyyy-MM-dd");

const kit: GymKit = {
  ...hall,
  bar: { name: hall.bar.name, weight: weight(hall.bar.weight), collar: weight(hall.bar.collar) },
  plates: hall.plates.map((p) => ({ ...p, weight: weight(p.weight) })),
  dumbbells: hall.dumbbells.map(weight),
  sledge: weight(hall.sledge),
  stack: {
    start: weight(hall.stack.start),
    step: weight(hall.stack.step),
    top: weight(hall.stack.top),
    addOns: hall.stack.addOns.map(weight),
  },
  help: hall.help.map(weight),
  equipment: Object.keys(hall.equipment) as EquipmentId[],
};

function recordOf(member: DemoAthlete, group: string, now: Date): AthleteRecord {
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
  };
}

/** The rows of one member: the athlete, what is known of them, and today's warm-up if there is one. */
function rowsOf(member: DemoAthlete, groupId: string, group: string, now: Date) {
  const record = recordOf(member, group, now);
  const { id, name, unit, experience, birthYear, bodyWeight, note } = record;
  return {
    athlete: { id, name, groupId, unit, experience, birthYear, bodyWeight, note },
    limiters: record.limiters.map((demand, place) => ({ athleteId: id, demand, place })),
    areas: record.areas.map((a) => ({ athleteId: id, ...a })),
    weights: record.workingWeights.map((w) => ({ athleteId: id, ...w })),
    warmUps: member.today
      ? [
          {
            id: `today-${id}`,
            athleteId: id,
            gymId: kit.id,
            day: isoDay(now),
            draft: JSON.stringify(startDraft(record, kit, catalog, member.today)),
            revision: 0,
            updatedAt: now.getTime(),
          },
        ]
      : [],
  };
}

/**
 * Fills an empty database with the demo hall, all or nothing, its dates relative to `now`. On a later day only
 * the members' warm-ups of that day are added; what has been changed stays.
 */
export async function seedDemo(now: Date): Promise<void> {
  const db = await database();
  const [known] = await db.select({ count: sql<number>`count(*)` }).from(athlete);
  const members = groups.flatMap((g) => g.athletes.map((a) => rowsOf(a, g.id, g.name, now)));
  const warmUps = members.flatMap((m) => m.warmUps);
  if (known && known.count > 0) {
    const stored = new Set((await db.select({ id: athlete.id }).from(athlete)).map((row) => row.id));
    const today = isoDay(now);
    const missing = warmUps
      .filter((w) => stored.has(w.athleteId))
      .map((w) => ({ ...w, id: `${today}-${w.athleteId}` }));
    await write((open) => open.insert(warmUp).values(missing).onConflictDoNothing());
    return;
  }
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
        dumbbells: rest.dumbbells,
        sledgeWeight: rest.sledge,
        stack: rest.stack,
        help: rest.help,
      }),
      open.insert(plate).values(plates.map((p) => ({ ...p, gymId: rest.id }))),
      open
        .insert(gymEquipment)
        .values(
          Object.entries(hall.equipment).map(([id, count]) => ({ gymId: rest.id, equipment: id, count })),
        ),
      open.insert(trainingGroup).values(groups.map((g, place) => ({ id: g.id, name: g.name, place }))),
      open.insert(athlete).values(members.map((m) => m.athlete)),
      open.insert(athleteLimiter).values(members.flatMap((m) => m.limiters)),
      open.insert(athleteArea).values(members.flatMap((m) => m.areas)),
      open.insert(workingWeight).values(members.flatMap((m) => m.weights)),
      open.insert(warmUp).values(warmUps),
    ]),
  );
}
