import { integer, primaryKey, sqliteTable, text, uniqueIndex } from "drizzle-orm/sqlite-core";

/** Weights are integers of the fine unit of the system named beside them: grams or thousandths of a pound. */

export const gym = sqliteTable("gym", {
  id: text("id").primaryKey(),
  name: text("name").notNull(),
  unit: text("unit", { enum: ["kg", "lb"] }).notNull(),
  barName: text("bar_name").notNull(),
  barWeight: integer("bar_weight").notNull(),
  collarWeight: integer("collar_weight").notNull(),
  /** One of each pair on the rack. */
  dumbbells: text("dumbbells", { mode: "json" }).notNull().default([]),
  /** What the sledge of the plate machine weighs; null: there is none. */
  sledgeWeight: integer("sledge_weight"),
  /** Start, step, top and add-ons of the pulldown's stack; null: there is none. */
  stack: text("stack", { mode: "json" }),
  /** What can take weight off a body. */
  help: text("help", { mode: "json" }).notNull().default([]),
  /** Counts the saved changes: a write that was made from an older one is refused. */
  revision: integer("revision").notNull().default(0),
});

export const plate = sqliteTable(
  "plate",
  {
    gymId: text("gym_id")
      .notNull()
      .references(() => gym.id, { onDelete: "cascade" }),
    weight: integer("weight").notNull(),
    pairs: integer("pairs").notNull(),
    fullDiameter: integer("full_diameter", { mode: "boolean" }).notNull(),
    colour: text("colour").notNull(),
    diameterMm: integer("diameter_mm").notNull(),
    thicknessMm: integer("thickness_mm").notNull(),
  },
  (t) => [primaryKey({ columns: [t.gymId, t.weight] })],
);

export const gymEquipment = sqliteTable(
  "gym_equipment",
  {
    gymId: text("gym_id")
      .notNull()
      .references(() => gym.id, { onDelete: "cascade" }),
    equipment: text("equipment").notNull(),
    /** How many there are of a thing that one person uses at a time; null: enough for all. */
    count: integer("count"),
  },
  (t) => [primaryKey({ columns: [t.gymId, t.equipment] })],
);

export const trainingGroup = sqliteTable("training_group", {
  id: text("id").primaryKey(),
  name: text("name").notNull(),
  place: integer("place").notNull(),
});

export const athlete = sqliteTable("athlete", {
  id: text("id").primaryKey(),
  groupId: text("group_id")
    .notNull()
    .references(() => trainingGroup.id),
  name: text("name").notNull(),
  unit: text("unit", { enum: ["kg", "lb"] }).notNull(),
  bodyWeight: integer("body_weight"),
  birthYear: integer("birth_year"),
  experience: text("experience", { enum: ["beginner", "intermediate", "advanced"] }).notNull(),
  note: text("note").notNull().default(""),
  /** Whether the athlete is kept for the record only: not on the day's page, in no list but the archive. */
  archived: integer("archived", { mode: "boolean" }).notNull().default(false),
  /** Counts the saved changes: a write that was made from an older one is refused. */
  revision: integer("revision").notNull().default(0),
});

export const athleteLimiter = sqliteTable(
  "athlete_limiter",
  {
    athleteId: text("athlete_id")
      .notNull()
      .references(() => athlete.id, { onDelete: "cascade" }),
    demand: text("demand").notNull(),
    place: integer("place").notNull(),
  },
  (t) => [primaryKey({ columns: [t.athleteId, t.demand] })],
);

export const athleteArea = sqliteTable(
  "athlete_area",
  {
    athleteId: text("athlete_id")
      .notNull()
      .references(() => athlete.id, { onDelete: "cascade" }),
    area: text("area").notNull(),
    level: text("level", { enum: ["slow", "very-slow", "sore", "avoid"] }).notNull(),
  },
  (t) => [primaryKey({ columns: [t.athleteId, t.area] })],
);

export const workingWeight = sqliteTable(
  "working_weight",
  {
    athleteId: text("athlete_id")
      .notNull()
      .references(() => athlete.id, { onDelete: "cascade" }),
    lift: text("lift").notNull(),
    day: text("day").notNull(),
    weight: integer("weight").notNull(),
    reps: integer("reps").notNull(),
    sets: integer("sets").notNull(),
    rir: integer("rir").notNull(),
  },
  (t) => [primaryKey({ columns: [t.athleteId, t.lift, t.day] })],
);

export const warmUp = sqliteTable(
  "warm_up",
  {
    id: text("id").primaryKey(),
    athleteId: text("athlete_id")
      .notNull()
      .references(() => athlete.id, { onDelete: "cascade" }),
    gymId: text("gym_id")
      .notNull()
      .references(() => gym.id),
    day: text("day").notNull(),
    /** The coach's draft as JSON. */
    draft: text("draft").notNull(),
    /** Counts the saved changes: a write that was made from an older one is refused. */
    revision: integer("revision").notNull(),
    updatedAt: integer("updated_at").notNull(),
  },
  (t) => [uniqueIndex("warm_up_athlete_day").on(t.athleteId, t.day)],
);
