import { statfs } from "node:fs/promises";
import path from "node:path";
import { write } from "./database";
import { databasePlace } from "./file/open-file";
import { heartbeat } from "./schema";

/** Writes a row, which shows that anything can be saved. @throws where nothing can. */
export async function beat(now: number): Promise<void> {
  await write((db) =>
    db
      .insert(heartbeat)
      .values({ id: 1, at: now })
      .onConflictDoUpdate({ target: heartbeat.id, set: { at: now } }),
  );
}

/** Bytes that are free where the database is; null: it is on another machine. */
export async function freeBytes(): Promise<number | null> {
  const { file } = databasePlace();
  if (file === null) return null;
  const { bavail, bsize } = await statfs(path.dirname(path.resolve(file)));
  return bavail * bsize;
}
