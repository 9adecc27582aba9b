import { drizzle, type LibSQLDatabase } from "drizzle-orm/libsql";
import { checkpoint, databasePlace, openDatabaseFile } from "./file/open-file";
import type { WriteTurns } from "./file/write-turn";
import * as schema from "./schema";

/** How often the write-ahead log is moved into the file. Milliseconds. */
const CHECKPOINT_EVERY_MS = 60_000;

export type Database = LibSQLDatabase<typeof schema>;

interface Connection {
  db: Database;
  turns: WriteTurns;
  /** Ends it when what is being written has been; a copy of the file alone is then whole. */
  close: () => Promise<void>;
}

// Kept on globalThis so that the development server's reloads do not open the file again and again, and so that who ends
// the server can close it.
const holder = globalThis as { ironStepConnection?: Promise<Connection> };

/** Opens the database that DATABASE_URL names (a file under data/ otherwise) and brings it up to date. */
async function connect(): Promise<Connection> {
  const { client, turns } = await openDatabaseFile();
  const isFile = databasePlace().file !== null;
  const save = () => turns.run(() => checkpoint(client));
  // Who reads or writes elsewhere holds it up: it is tried again later.
  const timer = isFile
    ? setInterval(() => void save().catch(() => undefined), CHECKPOINT_EVERY_MS)
    : undefined;
  timer?.unref();
  const close = async () => {
    clearInterval(timer);
    if (isFile) await save();
    client.close();
    await turns.close();
    holder.ironStepConnection = undefined;
  };
  return { db: drizzle(client, { schema }), turns, close };
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

/** Runs one writing use case after the other, also of other programs on the same file. */
export async function write<T>(work: (db: Database) => Promise<T>): Promise<T> {
  const { db, turns } = await connection();
  return turns.run(() => work(db));
}

/** As `write`, in one transaction that no other program's write comes between: all of it or nothing. */
export async function writeAtOnce<T>(work: (db: Transaction) => Promise<T>): Promise<T> {
  return write((db) => db.transaction(work));
}
export type Transaction = Parameters<Parameters<Database["transaction"]>[0]>[0];

export type Statement = Parameters<Database["batch"]>[0][number];

/** Runs statements together or not at all. */
export async function together(db: Database, statements: readonly Statement[]): Promise<void> {
  const [first, ...rest] = statements;
  if (first) await db.batch([first, ...rest]);
}
