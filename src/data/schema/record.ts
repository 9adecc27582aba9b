import { index, integer, primaryKey, real, sqliteTable, text } from "drizzle-orm/sqlite-core";
import { FELT } from "@/core/ramp";
import { athlete } from "./people";

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
