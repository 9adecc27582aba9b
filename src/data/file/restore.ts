import { copyFileSync, existsSync, mkdirSync, mkdtempSync, renameSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { type Client, createClient } from "@libsql/client";
import { format } from "date-fns";
import { checkCopy, copiesFolder, copyTo } from "./copies";
import { bringUpToDate } from "./open-file";

/**
 * Puts everything of a copy in the place of what is in a database, all or nothing; a server that runs goes on with it. The
 * copy is checked and brought up to date first, and what was there is copied.
 *
 * @returns the copy of what was there.
 * @throws DatabaseTrouble where the copy is not sound.
 */
export async function restoreFrom(client: Client, file: string, copy: string): Promise<string> {
  await checkCopy(copy);
  const folder = mkdtempSync(path.join(tmpdir(), "iron-step-restore-"));
  try {
    const source = path.join(folder, "copy.db");
    copyFileSync(copy, source);
    const upgraded = createClient({ url: `file:${source}` });
    await bringUpToDate(upgraded);
    await upgraded.execute("PRAGMA journal_mode=DELETE");
    upgraded.close();
    const at = format(new Date(), "yyyy-MM-dd-HHmmss");
    const kept = path.join(copiesFolder(file), `before-restore-${at}.db`);
    await copyTo(client, kept);
    await replaceRows(client, source);
    return kept;
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/** Tables whose rows are changed from a revision. */
const REVISED = ["athlete", "session", "gym", "own_content", "warm_up"];

/** Every table's rows from another file of the same shape, in one transaction. */
async function replaceRows(client: Client, source: string): Promise<void> {
  const { rows } = await client.execute(
    "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' AND name NOT IN ('__drizzle_migrations', 'high_water', 'done_save', 'heartbeat')",
  );
  const copied: string[] = [];
  for (const { name } of rows) {
    const columns = await client.execute({ sql: "SELECT name FROM pragma_table_info(?)", args: [name!] });
    const list = columns.rows.map((c) => `"${c.name}"`).join(", ");
    copied.push(`INSERT INTO main."${name}" (${list}) SELECT ${list} FROM copy."${name}"`);
  }
  // As one script, since the driver may give another connection to the next statement.
  await client.executeMultiple(
    [
      `ATTACH '${source.replaceAll("'", "''")}' AS copy`,
      "BEGIN IMMEDIATE",
      "PRAGMA defer_foreign_keys=ON",
      ...rows.map(({ name }) => `DELETE FROM main."${name}"`),
      ...copied,
      // What was there counts as gone: windows that have it open must not take what came for it.
      ...REVISED.map(
        (t) => `UPDATE main."${t}" SET revision = revision + (SELECT revision FROM main.high_water)`,
      ),
      "COMMIT",
      "DETACH copy",
    ].join(";\n"),
  );
}

/** Puts a sound copy in the place of a file that cannot be opened, which is kept beside the copies. Returns where. */
export async function replaceFile(file: string, copy: string): Promise<string> {
  await checkCopy(copy);
  const at = format(new Date(), "yyyy-MM-dd-HHmmss");
  const kept = path.join(copiesFolder(file), `unusable-${at}`);
  mkdirSync(kept, { recursive: true });
  const source = path.join(kept, "copy-put-in-place.db");
  copyFileSync(copy, source);
  for (const part of ["", "-wal", "-shm"]) {
    if (existsSync(file + part)) renameSync(file + part, path.join(kept, path.basename(file) + part));
  }
  renameSync(source, file);
  return kept;
}
