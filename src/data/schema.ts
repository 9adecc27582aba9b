import { index, integer, primaryKey, real, sqliteTable, text } from "drizzle-orm/sqlite-core";
import { EXPERIENCES, FELT } from "@/core/ramp";

/** Weights are integers of the fine unit of the system named beside them: grams or thousandths of a pound. */

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

export const session = sqliteTable(
  "session",
  {
    id: text("id").primaryKey(),
    name: text("name").notNull(),
    day: text("day").notNull(),
    /** When the first working set begins, as "18:30"; null: not fixed. */
    time: text("time"),
    gymId: text("gym_id")
      .notNull()
      .references(() => gym.id),
    /** The group that it was made for; null: single athletes. */
    groupId: text("group_id").references(() => trainingGroup.id, { onDelete: "set null" }),
    /** What it has in common with others that come again, and on which days; null: it comes once. */
    seriesId: text("series_id"),
    seriesRule: text("series_rule"),
    /** When all were ready to lift as it was last worked out, bars that are shared included; null: not since it was changed. */
    readySeconds: integer("ready_seconds"),
    /** Lifts, time, approach, room and drills for everybody, as JSON. */
    content: text("content").notNull(),
    /** Counts the saved changes: a write that was made from an older one is refused. */
    revision: integer("revision").notNull().default(0),
    updatedAt: integer("updated_at").notNull(),
  },
  (t) => [
    index("session_day_time").on(t.day, t.time),
    index("session_group_day").on(t.groupId, t.day),
    index("session_series_day").on(t.seriesId, t.day),
  ],
);

export const sessionAthlete = sqliteTable(
  "session_athlete",
  {
    sessionId: text("session_id")
      .notNull()
      .references(() => session.id, { onDelete: "cascade" }),
    athleteId: text("athlete_id")
      .notNull()
      .references(() => athlete.id, { onDelete: "cascade" }),
    place: integer("place").notNull(),
    absent: integer("absent", { mode: "boolean" }).notNull().default(false),
  },
  (t) => [
    primaryKey({ columns: [t.sessionId, t.athleteId] }),
    index("session_athlete_athlete").on(t.athleteId),
  ],
);

/** What the coach has changed for one athlete of a session. No row: nothing. */
export const warmUp = sqliteTable(
  "warm_up",
  {
    sessionId: text("session_id")
      .notNull()
      .references(() => session.id, { onDelete: "cascade" }),
    athleteId: text("athlete_id")
      .notNull()
      .references(() => athlete.id, { onDelete: "cascade" }),
    /** The athlete's draft as JSON. */
    draft: text("draft").notNull(),
    /** What the session gave when the draft was changed, as JSON; null: all of the draft is the athlete's own. */
    given: text("given"),
    /** Counts the saved changes: a write that was made from an older one is refused. */
    revision: integer("revision").notNull(),
    updatedAt: integer("updated_at").notNull(),
  },
  (t) => [primaryKey({ columns: [t.sessionId, t.athleteId] })],
);

/** A session to begin with: everything but day, time and people. */
export const template = sqliteTable("template", {
  id: text("id").primaryKey(),
  name: text("name").notNull(),
  content: text("content").notNull(),
});

/** The address at which an athlete's card can be read without the coach's screens. Taking the row away revokes it. */
export const cardAddress = sqliteTable(
  "card_address",
  {
    token: text("token").primaryKey(),
    sessionId: text("session_id")
      .notNull()
      .references(() => session.id, { onDelete: "cascade" }),
    athleteId: text("athlete_id")
      .notNull()
      .references(() => athlete.id, { onDelete: "cascade" }),
  },
  (t) => [index("card_address_session").on(t.sessionId)],
);

/** A session that was started, with its plan as it was then. It outlives its session, so that a deleted one comes back whole. */
export const floorRun = sqliteTable(
  "floor_run",
  {
    sessionId: text("session_id").primaryKey(),
    /** The plan as JSON, see `FloorPlan`. */
    plan: text("plan").notNull(),
    /** Milliseconds since 1970; of a session that has ended when that was. */
    startedAt: integer("started_at").notNull(),
    endedAt: integer("ended_at"),
  },
  (t) => [index("floor_run_ended_at").on(t.endedAt)],
);

/** What happened in a session that was started; rows are only ever added. */
export const floorEvent = sqliteTable(
  "floor_event",
  {
    /** In the order in which they were stored. */
    seq: integer("seq").primaryKey({ autoIncrement: true }),
    /** Made where it happened: the same event sent twice is one. */
    id: text("id").notNull().unique(),
    sessionId: text("session_id").notNull(),
    /** Null: everybody who is there. */
    athleteId: text("athlete_id"),
    /** The whole event as JSON, see `FloorEvent`. */
    content: text("content").notNull(),
    /** By the server's clock. Milliseconds since 1970. */
    at: integer("at").notNull(),
  },
  (t) => [
    index("floor_event_session_seq").on(t.sessionId, t.seq),
    index("floor_event_athlete").on(t.athleteId),
  ],
);

/** The address at which a session is shown on the wall. Taking the row away revokes it. */
export const wallAddress = sqliteTable("wall_address", {
  token: text("token").primaryKey(),
  sessionId: text("session_id")
    .notNull()
    .unique()
    .references(() => session.id, { onDelete: "cascade" }),
  /** Whether it shows weights, and names or initials. */
  hasWeights: integer("has_weights", { mode: "boolean" }).notNull().default(true),
  hasNames: integer("has_names", { mode: "boolean" }).notNull().default(true),
});

/** What one athlete did in a session that is over: worked out from its plan and events, and kept so that years are read at once. */
export const athleteSession = sqliteTable(
  "athlete_session",
  {
    /** The session may be gone. */
    sessionId: text("session_id").notNull(),
    athleteId: text("athlete_id")
      .notNull()
      .references(() => athlete.id, { onDelete: "cascade" }),
    day: text("day").notNull(),
    name: text("name").notNull(),
    presence: text("presence", { enum: ["there", "absent", "left"] }).notNull(),
    /** To the first working set; real: null where it was not reached. Seconds. */
    plannedSeconds: integer("planned_seconds").notNull(),
    readySeconds: integer("ready_seconds"),
    pains: text("pains", { mode: "json" }).notNull(),
    /** Names of lifts that were stopped. */
    stopped: text("stopped", { mode: "json" }).notNull(),
    notes: text("notes", { mode: "json" }).notNull(),
    /** When the session ended. Milliseconds since 1970. */
    endedAt: integer("ended_at").notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.sessionId, t.athleteId] }),
    index("athlete_session_athlete_day").on(t.athleteId, t.day),
    index("athlete_session_day").on(t.day),
  ],
);

/** A drill of a session that is over, as it was planned and done. */
export const doneDrill = sqliteTable(
  "done_drill",
  {
    sessionId: text("session_id").notNull(),
    athleteId: text("athlete_id")
      .notNull()
      .references(() => athlete.id, { onDelete: "cascade" }),
    /** Its place in the session, from 0. */
    place: integer("place").notNull(),
    day: text("day").notNull(),
    drill: text("drill").notNull(),
    name: text("name").notNull(),
    phase: text("phase").notNull(),
    isDone: integer("is_done", { mode: "boolean" }).notNull(),
    /** What was planned in its place; null: itself. */
    insteadOf: text("instead_of"),
    plannedSeconds: integer("planned_seconds").notNull(),
    /** How much longer that was than its parts. */
    pace: real("pace").notNull().default(1),
    realSeconds: integer("real_seconds"),
  },
  (t) => [
    primaryKey({ columns: [t.sessionId, t.athleteId, t.place] }),
    // With all that sums over years are made of, so that the rows themselves need not be read.
    index("done_drill_sums").on(
      ...([t.athleteId, t.day, t.isDone, t.phase, t.drill, t.plannedSeconds, t.realSeconds] as const),
    ),
    index("done_drill_day").on(t.day),
  ],
);

/** A set of a session that is over, as it was done. */
export const doneSet = sqliteTable(
  "done_set",
  {
    sessionId: text("session_id").notNull(),
    athleteId: text("athlete_id")
      .notNull()
      .references(() => athlete.id, { onDelete: "cascade" }),
    place: integer("place").notNull(),
    day: text("day").notNull(),
    lift: text("lift").notNull(),
    isWork: integer("is_work", { mode: "boolean" }).notNull(),
    weight: integer("weight").notNull(),
    unit: text("unit", { enum: ["kg", "lb"] }).notNull(),
    reps: integer("reps").notNull(),
    felt: text("felt", { enum: FELT }),
    plannedSeconds: integer("planned_seconds").notNull(),
    realSeconds: integer("real_seconds"),
  },
  (t) => [
    primaryKey({ columns: [t.sessionId, t.athleteId, t.place] }),
    index("done_set_athlete_lift_day").on(t.athleteId, t.lift, t.day),
  ],
);

/** What somebody reached in a test. */
export const testResult = sqliteTable(
  "test_result",
  {
    id: text("id").primaryKey(),
    athleteId: text("athlete_id")
      .notNull()
      .references(() => athlete.id, { onDelete: "cascade" }),
    test: text("test").notNull(),
    day: text("day").notNull(),
    /** Before the warm-up, or after it. */
    moment: text("moment", { enum: ["cold", "after"] }).notNull(),
    /** One number, or left and right; in the test's unit. */
    value: text("value", { mode: "json" }).notNull(),
    /** Ids of what was seen. */
    signs: text("signs", { mode: "json" }).notNull().default([]),
    /** The session that it belongs to; null: none, or a day of tests. */
    sessionId: text("session_id"),
    /** When it was noted. Milliseconds since 1970. */
    at: integer("at").notNull(),
  },
  (t) => [index("test_result_athlete_test_day").on(t.athleteId, t.test, t.day)],
);

/** A test, one drill, and the test again. */
export const trial = sqliteTable(
  "trial",
  {
    id: text("id").primaryKey(),
    athleteId: text("athlete_id")
      .notNull()
      .references(() => athlete.id, { onDelete: "cascade" }),
    test: text("test").notNull(),
    /** Null: tested again without a drill. */
    drill: text("drill"),
    /** What the drill took. Seconds. */
    seconds: integer("seconds").notNull(),
    day: text("day").notNull(),
    before: text("before", { mode: "json" }).notNull(),
    after: text("after", { mode: "json" }).notNull(),
    /** When it was noted. Milliseconds since 1970. */
    at: integer("at").notNull(),
  },
  (t) => [index("trial_athlete_day").on(t.athleteId, t.day)],
);

/** What somebody said some hours after a session, and on the mornings after, about what hurt or was stopped. */
export const followUp = sqliteTable(
  "follow_up",
  {
    sessionId: text("session_id").notNull(),
    athleteId: text("athlete_id")
      .notNull()
      .references(() => athlete.id, { onDelete: "cascade" }),
    /** What it is about: an area, or a lift that was stopped. */
    about: text("about").notNull(),
    /** Hours after, or the so-manieth morning after. */
    moment: text("moment", { enum: ["hours", "morning", "second-morning", "third-morning"] }).notNull(),
    feels: text("feels", { enum: ["usual", "sore", "worse"] }).notNull(),
    /** 0 to 10. */
    level: integer("level").notNull(),
    by: text("by", { enum: ["athlete", "coach"] }).notNull(),
    /** Milliseconds since 1970. */
    at: integer("at").notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.sessionId, t.athleteId, t.about, t.moment] }),
    index("follow_up_athlete").on(t.athleteId),
  ],
);

/** What a coach was asked after changing the same thing again and again, and what was answered. */
export const preference = sqliteTable(
  "preference",
  {
    drill: text("drill").notNull(),
    kind: text("kind", { enum: ["never", "favourite"] }).notNull(),
    /** For whom it was asked, or for which lift it counts; null: that of the athlete or group is with their wishes. */
    scope: text("scope", { enum: ["athlete", "lift"] }).notNull(),
    scopeId: text("scope_id").notNull(),
    /** Of a lift: it counts. Of an athlete: only that it was asked. */
    counts: integer("counts", { mode: "boolean" }).notNull(),
    /** Milliseconds since 1970. */
    at: integer("at").notNull(),
  },
  (t) => [primaryKey({ columns: [t.drill, t.kind, t.scope, t.scopeId] })],
);

/** Drills, lifts and approaches of the gym's own, and the addresses of the coach's films. */
export const customContent = sqliteTable("own_content", {
  id: text("id").primaryKey(),
  kind: text("kind", { enum: ["drill", "lift", "approach", "film"] }).notNull(),
  /** The whole of it as JSON. */
  content: text("content").notNull(),
  /** Counts the saved changes: a write that was made from an older one is refused. */
  revision: integer("revision").notNull().default(0),
});

/** What was taken out, taken in or changed for many, and how it was before, so that it can be taken back. */
export const undoable = sqliteTable("undoable", {
  token: text("token").primaryKey(),
  kind: text("kind", {
    enum: [
      "session",
      "gym",
      "template",
      "athletes",
      "changed-athletes",
      "warm-ups",
      "sessions",
      "changed-sessions",
      "bundle",
    ],
  }).notNull(),
  /** What it was, in words. */
  name: text("name").notNull(),
  /** What it takes to take it back, as JSON. */
  content: text("content").notNull(),
  at: integer("at").notNull(),
});

/** Plans worked out, by a hash of all that they depend on. They can be made anew at any time. */
export const plan = sqliteTable(
  "plan",
  {
    key: text("key").primaryKey(),
    /** JSON, drills of the catalog by their ids. */
    content: text("content").notNull(),
    madeAt: integer("made_at").notNull(),
  },
  (t) => [index("plan_made_at").on(t.madeAt)],
);

/** One row that is written to see whether anything can be. */
export const heartbeat = sqliteTable("heartbeat", {
  id: integer("id").primaryKey(),
  at: integer("at").notNull(),
});

/** Saves that have been done, so that one whose answer was lost is not done twice. */
export const doneSave = sqliteTable("done_save", {
  id: text("id").primaryKey(),
  revision: integer("revision").notNull(),
  at: integer("at").notNull(),
});

/** What was asked for with an id of its own, and what was answered: sent again, it is not done again. */
export const doneRequest = sqliteTable("done_request", {
  id: text("id").primaryKey(),
  answer: text("answer", { mode: "json" }).notNull(),
  at: integer("at").notNull(),
});

/**
 * The highest revision of anything that is gone: what comes in its place goes on from there, so that no window that still
 * has it open can write over what it has not seen. Triggers keep it, see the migration.
 */
export const highWater = sqliteTable("high_water", {
  id: integer("id").primaryKey(),
  revision: integer("revision").notNull(),
});
