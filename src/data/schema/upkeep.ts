import { index, integer, sqliteTable, text } from "drizzle-orm/sqlite-core";

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
