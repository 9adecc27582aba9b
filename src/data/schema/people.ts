import { integer, primaryKey, sqliteTable, text } from "drizzle-orm/sqlite-core";
import { EXPERIENCES } from "@/core/ramp";

export const gym = sqliteTable("gym", {
  id: text("id").primaryKey(),
  name: text("name").notNull(),
  unit: text("unit", { enum: ["kg", "lb"] }).notNull(),
  barName: text("bar_name").notNull(),
  barWeight: integer("bar_weight").notNull(),
  collarWeight: integer("collar_weight").notNull(),
  /** Bars besides the usual one: name and weight. */
  otherBars: text("other_bars", { mode: "json" }).notNull().default([]),
  /** One of each pair on the rack. */
  dumbbells: text("dumbbells", { mode: "json" }).notNull().default([]),
  /** What the sledge of the plate machine weighs; null: there is none. */
  sledgeWeight: integer("sledge_weight"),
  /** Start, step, top and add-ons of the pulldown's stack; null: there is none. */
  stack: text("stack", { mode: "json" }),
  /** What can take weight off a body. */
  help: text("help", { mode: "json" }).notNull().default([]),
  /** Metres of floor in a line that are free for drills that travel; null: enough for all. */
  clearFloor: integer("clear_floor"),
  /** Where its clock is, as "Europe/Berlin"; null: as whoever looks at its calendar. */
  timeZone: text("time_zone"),
  /** Drills that are liked or never used; null: none. */
  wishes: text("wishes", { mode: "json" }),
  /** How times, weeks, paper and lengths are said; null: as usual. */
  settings: text("settings", { mode: "json" }),
  /** Its place among the gyms; the first is where a session takes place unless the coach says otherwise. */
  place: integer("place").notNull().default(0),
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
  /** Drills that are liked or never used; null: none. */
  wishes: text("wishes", { mode: "json" }),
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
  experience: text("experience", { enum: EXPERIENCES }).notNull(),
  note: text("note").notNull().default(""),
  /** A bar that the athlete brings along: name and weight; null: the gym's. */
  ownBar: text("own_bar", { mode: "json" }),
  /** Equipment that the athlete cannot use. */
  cannotUse: text("cannot_use", { mode: "json" }).notNull().default([]),
  /** What has been reached at drills, by drill, sign and day. */
  reached: text("reached", { mode: "json" }).notNull().default([]),
  /** Drills that are liked or never used; null: none. */
  wishes: text("wishes", { mode: "json" }),
  /** The approach and the style of ramp that this athlete always has; null: the session's. */
  approach: text("approach"),
  rampStyle: text("ramp_style"),
  /** Whether what drills have been found to do for this athlete counts in plans. */
  usesResponses: integer("uses_responses", { mode: "boolean" }).notNull().default(true),
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

/** Where a weight on record comes from. */
export const WEIGHT_SOURCES = ["coach", "athlete", "test", "file"] as const;

export const workingWeight = sqliteTable(
  "working_weight",
  {
    athleteId: text("athlete_id")
      .notNull()
      .references(() => athlete.id, { onDelete: "cascade" }),
    lift: text("lift").notNull(),
    day: text("day").notNull(),
    /** Working sets, or a one-repetition maximum. */
    kind: text("kind", { enum: ["working", "max"] })
      .notNull()
      .default("working"),
    weight: integer("weight").notNull(),
    reps: integer("reps").notNull(),
    sets: integer("sets").notNull(),
    rir: integer("rir").notNull(),
    source: text("source", { enum: WEIGHT_SOURCES }).notNull().default("coach"),
  },
  (t) => [primaryKey({ columns: [t.athleteId, t.lift, t.day, t.kind] })],
);
