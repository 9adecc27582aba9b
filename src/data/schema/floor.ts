import { index, integer, sqliteTable, text } from "drizzle-orm/sqlite-core";
import { athlete } from "./people";
import { session } from "./sessions";

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
