import { index, integer, primaryKey, sqliteTable, text } from "drizzle-orm/sqlite-core";
import { athlete, gym, trainingGroup } from "./people";

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
