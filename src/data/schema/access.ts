import { index, integer, sqliteTable, text } from "drizzle-orm/sqlite-core";
import { athlete } from "./people";

/** Who signs in with a name and a password, and as what. Times are milliseconds since 1970. */
export const account = sqliteTable("account", {
  id: text("id").primaryKey(),
  name: text("name").notNull(),
  /** Stands for the name where an address is asked for; nothing is ever sent to it. */
  email: text("email").notNull().unique(),
  emailVerified: integer("email_verified", { mode: "boolean" }).notNull(),
  image: text("image"),
  role: text("role", { enum: ["owner", "coach", "assistant"] }).notNull(),
  createdAt: integer("created_at", { mode: "timestamp_ms" }).notNull(),
  updatedAt: integer("updated_at", { mode: "timestamp_ms" }).notNull(),
});

/** Where somebody is signed in. */
export const signedIn = sqliteTable(
  "signed_in",
  {
    id: text("id").primaryKey(),
    token: text("token").notNull().unique(),
    userId: text("user_id")
      .notNull()
      .references(() => account.id, { onDelete: "cascade" }),
    expiresAt: integer("expires_at", { mode: "timestamp_ms" }).notNull(),
    ipAddress: text("ip_address"),
    userAgent: text("user_agent"),
    createdAt: integer("created_at", { mode: "timestamp_ms" }).notNull(),
    updatedAt: integer("updated_at", { mode: "timestamp_ms" }).notNull(),
  },
  (t) => [index("signed_in_user").on(t.userId)],
);

/** How somebody proves who they are: a password by its slow hash. */
export const credential = sqliteTable(
  "credential",
  {
    id: text("id").primaryKey(),
    accountId: text("account_id").notNull(),
    providerId: text("provider_id").notNull(),
    userId: text("user_id")
      .notNull()
      .references(() => account.id, { onDelete: "cascade" }),
    accessToken: text("access_token"),
    refreshToken: text("refresh_token"),
    idToken: text("id_token"),
    accessTokenExpiresAt: integer("access_token_expires_at", { mode: "timestamp_ms" }),
    refreshTokenExpiresAt: integer("refresh_token_expires_at", { mode: "timestamp_ms" }),
    scope: text("scope"),
    password: text("password"),
    createdAt: integer("created_at", { mode: "timestamp_ms" }).notNull(),
    updatedAt: integer("updated_at", { mode: "timestamp_ms" }).notNull(),
  },
  (t) => [index("credential_user").on(t.userId)],
);

/** What is to be proven within some minutes. */
export const verification = sqliteTable("verification", {
  id: text("id").primaryKey(),
  identifier: text("identifier").notNull(),
  value: text("value").notNull(),
  expiresAt: integer("expires_at", { mode: "timestamp_ms" }).notNull(),
  createdAt: integer("created_at", { mode: "timestamp_ms" }).notNull(),
  updatedAt: integer("updated_at", { mode: "timestamp_ms" }).notNull(),
});

/** A key that a browser keeps in place of a password. */
export const passkey = sqliteTable(
  "passkey",
  {
    /** As the browser names it. */
    id: text("id").primaryKey(),
    userId: text("user_id")
      .notNull()
      .references(() => account.id, { onDelete: "cascade" }),
    publicKey: text("public_key").notNull(),
    counter: integer("counter").notNull(),
    transports: text("transports", { mode: "json" }).notNull(),
    createdAt: integer("created_at").notNull(),
  },
  (t) => [index("passkey_user").on(t.userId)],
);

/** A link that works once: to become the owner, or to choose a password. Kept by the hash of what is in it. */
export const onceLink = sqliteTable("once_link", {
  hash: text("hash").primaryKey(),
  /** Who chooses a password; null: the first owner. */
  userId: text("user_id").references(() => account.id, { onDelete: "cascade" }),
  expiresAt: integer("expires_at").notNull(),
});

/** A code by which a tablet or a phone is let in, once, for some minutes. */
export const pairingCode = sqliteTable("pairing_code", {
  hash: text("hash").primaryKey(),
  role: text("role", { enum: ["coach", "assistant", "athlete"] }).notNull(),
  /** Who showed it; null: on the one machine that nobody signs in on. */
  userId: text("user_id").references(() => account.id, { onDelete: "cascade" }),
  athleteId: text("athlete_id").references(() => athlete.id, { onDelete: "cascade" }),
  expiresAt: integer("expires_at").notNull(),
});

/** A tablet or phone that was let in by a code. */
export const device = sqliteTable("device", {
  id: text("id").primaryKey(),
  name: text("name").notNull(),
  role: text("role", { enum: ["coach", "assistant", "athlete"] }).notNull(),
  userId: text("user_id").references(() => account.id, { onDelete: "cascade" }),
  /** Whose phone it is; null: it is the gym's. */
  athleteId: text("athlete_id").references(() => athlete.id, { onDelete: "cascade" }),
  /** Of what its browser keeps. */
  hash: text("hash").notNull().unique(),
  pairedAt: integer("paired_at").notNull(),
  seenAt: integer("seen_at").notNull(),
});

/** How often somebody has tried in vain, by whom or from where: each time the wait grows. */
export const vainTry = sqliteTable("vain_try", {
  key: text("key").primaryKey(),
  times: integer("times").notNull(),
  lastAt: integer("last_at").notNull(),
});

/** Who took what out, and when. */
export const takenOut = sqliteTable(
  "taken_out",
  {
    id: text("id").primaryKey(),
    at: integer("at").notNull(),
    who: text("who").notNull(),
    what: text("what").notNull(),
  },
  (t) => [index("taken_out_at").on(t.at)],
);

/** An address at which a calendar program reads the sessions. Taking the row away revokes it. */
export const calendarAddress = sqliteTable("calendar_address", {
  token: text("token").primaryKey(),
  name: text("name").notNull(),
  createdAt: integer("created_at").notNull(),
});

/** What servers on one database have to agree on, by its name. */
export const accessSetting = sqliteTable("access_setting", {
  key: text("key").primaryKey(),
  value: text("value").notNull(),
});
