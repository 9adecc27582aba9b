import { mkdirSync } from "node:fs";
import path from "node:path";
import { createClient } from "@libsql/client";
import { Mutex } from "async-mutex";
import { drizzle, type LibSQLDatabase } from "drizzle-orm/libsql";
import { migrate } from "drizzle-orm/libsql/migrator";
import * as schema from "./schema";

const DEFAULT_FILE = "data/iron-step.db";
/** How long a write waits for another process that holds the file. Milliseconds. */
const BUSY_TIMEOUT_MS = 5000;

export type Database = LibSQLDatabase<typeof schema>;

interface Connection {
  db: Database;
  writes: Mutex;
}

// Kept on globalThis so that the development server's reloads do not open the file again and again.
const holder = globalThis as { ironStepConnection?: Promise<Connection> };

/** Opens the database that DATABASE_URL names (a file under data/ otherwise) and brings it up to date. */
async function connect(): Promise<Connection> {
  const url = process.env.DATABASE_URL ?? `file:${DEFAULT_FILE}`;
  if (url.startsWith("file:")) mkdirSync(path.dirname(url.slice("file:".length)), { recursive: true });
  const client = createClient({ url, authToken: process.env.DATABASE_AUTH_TOKEN, timeout: BUSY_TIMEOUT_MS });
  if (url.startsWith("file:")) await client.execute("PRAGMA journal_mode=WAL");
  await client.execute("PRAGMA foreign_keys=ON");
  const db = drizzle(client, { schema });
  await migrate(db, { migrationsFolder: path.join(process.cwd(), "src/data/migrations") });
  return { db, writes: new Mutex() };
}

function connection(): Promise<Connection> {
  holder.ironStepConnection ??= connect().catch((error: unknown) => {
    holder.ironStepConnection = undefined;
    throw error;
  });
  return holder.ironStepConnection;
}

/** The database, for reading. */
export async function database(): Promise<Database> {
  return (await connection()).db;
}

/**
 * Runs one writing use case after the other: a file takes one writer at a time, and a second one would be
 * refused rather than wait.
 */
export async function write<T>(work: (db: Database) => Promise<T>): Promise<T> {
  const { db, writes } = await connection();
  return writes.runExclusive(() => work(db));
}

export type Statement = Parameters<Database["batch"]>[0][number];

/** Runs statements together or not at all. */
export async function together(db: Database, statements: readonly Statement[]): Promise<void> {
  const [first, ...rest] = statements;
  if (first) await db.batch([first, ...rest]);
}
