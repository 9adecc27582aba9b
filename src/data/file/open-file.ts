import { existsSync, mkdirSync, readFileSync, statSync } from "node:fs";
import path from "node:path";
import { type Client, createClient } from "@libsql/client";
import { drizzle } from "drizzle-orm/libsql";
import { migrate } from "drizzle-orm/libsql/migrator";
import { copyBeforeUpgrade } from "./copies";
import { BUSY_TIMEOUT_MS, patientClient } from "./patient-client";
import { DatabaseTrouble, damaged, EXIT, troubleOf } from "./trouble";
import { WriteTurns } from "./write-turn";

const DEFAULT_FILE = "data/iron-step.db";
const MIGRATIONS = path.join("src", "data", "migrations");

/** Where the database is, and its file; null: it is on another machine. */
export function databasePlace(): { url: string; file: string | null } {
  const url = process.env.DATABASE_URL ?? `file:${DEFAULT_FILE}`;
  return { url, file: url.startsWith("file:") ? url.slice("file:".length) : null };
}

/** A client of a database, as it is; nothing is checked. */
export function clientOf(url: string): Client {
  return patientClient(
    createClient({ url, authToken: process.env.DATABASE_AUTH_TOKEN, timeout: BUSY_TIMEOUT_MS }),
  );
}

/**
 * Opens the database that DATABASE_URL names (a file under data/ otherwise), and brings it up to date; a copy is made
 * before that. A file that cannot be used stays as it is, and no other is made in its place.
 *
 * @throws DatabaseTrouble that says what is wrong and what to do.
 */
export async function openDatabaseFile(): Promise<OpenFile> {
  const { url, file } = databasePlace();
  const turns = new WriteTurns(file);
  try {
    if (file !== null) prepareFile(file);
    const client = clientOf(url);
    if (file !== null) await checkPages(client, file);
    await turns.run(async () => {
      if (file !== null) await client.execute("PRAGMA journal_mode=WAL");
      await client.execute("PRAGMA foreign_keys=ON");
      const pending = await pendingMigrations(client, file ?? url);
      if (file !== null && pending.first !== null) await copyBeforeUpgrade(client, file, pending.first);
      await bringUpToDate(client).catch(async (error: unknown) => {
        // Another server on the same database, started at the same time, may have done it meanwhile.
        if (file !== null || (await pendingMigrations(client, url)).first !== null) throw error;
      });
      if (file !== null) await checkpoint(client);
    });
    return { client, turns };
  } catch (error) {
    await turns.close();
    throw troubleHere(error) ?? error;
  }
}

/** A database that is open, and the turns to write to it. */
export interface OpenFile {
  client: Client;
  turns: WriteTurns;
}

/** Brings a database to the shape that this version has. */
export async function bringUpToDate(client: Client): Promise<void> {
  await migrate(drizzle(client), { migrationsFolder: path.join(process.cwd(), MIGRATIONS) });
}

/** What an error means for whoever runs the app, said of this database; null: it is something else. */
export function troubleHere(error: unknown): DatabaseTrouble | null {
  const { url, file } = databasePlace();
  return troubleOf(error, file ?? url);
}

function prepareFile(file: string): void {
  try {
    mkdirSync(path.dirname(file), { recursive: true });
  } catch {
    const message = `The folder ${path.dirname(file)} of the database cannot be made. Check DATABASE_URL.`;
    throw new DatabaseTrouble(message, EXIT.access);
  }
  if (!existsSync(file)) return;
  const stats = statSync(file);
  if (stats.isDirectory()) {
    throw new DatabaseTrouble(`${file} is a folder. Name a file in DATABASE_URL.`, EXIT.access);
  }
  // An empty file would be taken for a new database, in the place of the gym's own.
  if (stats.size === 0) {
    const message = `The database ${file} is empty: what was in it is gone. Bring a copy back with “npm run restore”, or remove the file to begin anew.`;
    throw new DatabaseTrouble(message, EXIT.data);
  }
}

/** Whether every page of the file is there and sound. */
async function checkPages(client: Client, file: string): Promise<void> {
  const { rows } = await client.execute("PRAGMA quick_check(1)");
  if (rows[0]?.[0] !== "ok") throw new DatabaseTrouble(damaged(file), EXIT.data);
}

/**
 * The oldest version whose databases this one brings up to date: the one that made the first of the migrations that still ship. Older
 * ones go through it.
 */
const OLDEST_VERSION = "0.1.0";

interface Journal {
  entries: { when: number; tag: string }[];
}

/** Which migrations the database still lacks: the first of them; null: none, or it is a new database. */
async function pendingMigrations(client: Client, name: string): Promise<{ first: string | null }> {
  const { entries } = JSON.parse(
    readFileSync(path.join(process.cwd(), MIGRATIONS, "meta", "_journal.json"), "utf8"),
  ) as Journal;
  const tables = await client.execute(
    "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'",
  );
  const names = tables.rows.map((r) => r[0]);
  if (names.length === 0) return { first: null };
  if (!names.includes("__drizzle_migrations")) {
    throw new DatabaseTrouble(`${name} is a database of something else. Name another file.`, EXIT.data);
  }
  const { rows } = await client.execute("SELECT max(created_at) FROM __drizzle_migrations");
  const done = Number(rows[0]?.[0] ?? 0);
  if (done > 0 && done < entries[0]!.when) {
    const message = `The database ${name} was made by a version of Iron Step that is too old for this one. Open it once with version ${OLDEST_VERSION}, then with this one.`;
    throw new DatabaseTrouble(message, EXIT.data);
  }
  if (done > Math.max(...entries.map((e) => e.when))) {
    const message = `The database ${name} was made by a newer version of Iron Step. Update the app, or name another file.`;
    throw new DatabaseTrouble(message, EXIT.data);
  }
  return { first: entries.find((e) => e.when > done)?.tag ?? null };
}

/** Moves what is in the write-ahead log into the file, so that a copy of the file alone is whole. Only in one's turn. */
export async function checkpoint(client: Client): Promise<void> {
  await client.execute("PRAGMA wal_checkpoint(TRUNCATE)");
}
