import { existsSync, mkdirSync, readdirSync, renameSync, rmSync, statSync } from "node:fs";
import path from "node:path";
import { type Client, createClient } from "@libsql/client";
import { format } from "date-fns";
import { isoDay } from "@/lib/iso-day";
import { DatabaseTrouble, damaged, EXIT } from "./trouble";

/** How many copies are kept that were made by themselves. */
const KEPT = 14;
/** Copies that were made by themselves begin so. */
const BY_ITSELF = /^(day|upgrade)-/;

/** A copy of the database. */
export interface Copy {
  file: string;
  /** Milliseconds since 1970. */
  madeAt: number;
  bytes: number;
}

/** Where the copies of a database file are: a folder of its own, since several may lie side by side. */
export function copiesFolder(file: string): string {
  return path.join(path.dirname(file), "backups", path.parse(file).name);
}

/** The copies of a database file, the newest first. */
export function listCopies(file: string): Copy[] {
  const folder = copiesFolder(file);
  if (!existsSync(folder)) return [];
  return readdirSync(folder)
    .filter((name) => name.endsWith(".db"))
    .map((name) => {
      const { mtimeMs, size } = statSync(path.join(folder, name));
      return { file: path.join(folder, name), madeAt: mtimeMs, bytes: size };
    })
    .sort((a, b) => b.madeAt - a.madeAt || (a.file < b.file ? 1 : -1));
}

/**
 * Copies a database as it is at one moment, while others go on writing. The copy is checked before it has its name.
 *
 * @throws DatabaseTrouble where there is such a file already, or the copy is not sound.
 */
export async function copyTo(client: Client, to: string): Promise<void> {
  if (existsSync(to)) throw new DatabaseTrouble(`${to} is there already. Name another file.`, EXIT.access);
  mkdirSync(path.dirname(path.resolve(to)), { recursive: true });
  const unfinished = `${to}.unfinished`;
  rmSync(unfinished, { force: true });
  try {
    await client.execute({ sql: "VACUUM INTO ?", args: [unfinished] });
    await checkCopy(unfinished);
    renameSync(unfinished, to);
  } finally {
    rmSync(unfinished, { force: true });
  }
}

/** @throws DatabaseTrouble where a file is no sound database of this app. */
export async function checkCopy(file: string): Promise<void> {
  const client = createClient({ url: `file:${file}` });
  try {
    const { rows } = await client.execute("PRAGMA integrity_check(1)");
    if (rows[0]?.[0] !== "ok") throw new DatabaseTrouble(damaged(file), EXIT.data);
    await client.execute("SELECT count(*) FROM athlete");
  } catch (error) {
    if (error instanceof DatabaseTrouble) throw error;
    throw new DatabaseTrouble(`${file} is no copy of an Iron Step database, or it is damaged.`, EXIT.data);
  } finally {
    client.close();
  }
}

/** A copy before the database is brought to a newer shape. */
export async function copyBeforeUpgrade(client: Client, file: string, migration: string): Promise<void> {
  const at = format(new Date(), "yyyy-MM-dd-HHmmss");
  await copyTo(client, path.join(copiesFolder(file), `upgrade-${at}-before-${migration}.db`));
  forgetOldCopies(file);
}

/** Makes today's copy where there is none yet. Returns whether it did. */
export async function copyOnceADay(client: Client, file: string, now = new Date()): Promise<boolean> {
  const to = path.join(copiesFolder(file), `day-${isoDay(now)}.db`);
  if (existsSync(to)) return false;
  await copyTo(client, to);
  forgetOldCopies(file);
  return true;
}

/** Takes the oldest copies away that were made by themselves; what somebody asked for stays. */
function forgetOldCopies(file: string): void {
  const own = listCopies(file).filter((c) => BY_ITSELF.test(path.basename(c.file)));
  for (const { file: old } of own.slice(KEPT)) rmSync(old, { force: true });
}
