import { mkdtempSync, readdirSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { gunzipSync } from "node:zlib";
import { type Client, createClient } from "@libsql/client";
import { listCopies } from "./copies";
import { openDatabaseFile } from "./open-file";

/** Databases of the demo gym as earlier versions made them, each by the name of its newest migration. */
const FIXTURES = path.join(process.cwd(), "src/data/file/fixtures");
const MIGRATIONS = readdirSync(path.join(process.cwd(), "src/data/migrations"))
  .filter((f) => f.endsWith(".sql"))
  .map((f) => f.replace(".sql", ""))
  .sort();

let folder = "";
beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), "iron-step-upgrade-"));
  process.env.DATABASE_URL = `file:${folder}/gym.db`;
});
afterEach(() => {
  delete process.env.DATABASE_URL;
  rmSync(folder, { recursive: true, force: true });
});

/** Makes the database of an earlier version. */
async function madeBy(version: string): Promise<void> {
  const client = createClient({ url: `file:${folder}/gym.db` });
  const dump = gunzipSync(readFileSync(path.join(FIXTURES, `${version}.sql.gz`))).toString();
  await client.executeMultiple(dump);
  client.close();
}

async function texts(client: Client, sql: string): Promise<string[]> {
  return (await client.execute(sql)).rows.map((r) => JSON.stringify(Object.values(r)));
}

/** Tables that are there, and how many rows each has. */
async function rowsOf(client: Client): Promise<Map<string, number>> {
  const tables = await client.execute(
    "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' AND name <> '__drizzle_migrations'",
  );
  const counts = new Map<string, number>();
  for (const [name] of tables.rows.map((r) => [String(r[0])])) {
    counts.set(name!, Number((await client.execute(`SELECT count(*) FROM "${name}"`)).rows[0]![0]));
  }
  return counts;
}

const versions = readdirSync(FIXTURES).map((f) => f.replace(".sql.gz", ""));

test("every version but two that were never made apart has its database here", () => {
  // Of these no build was ever made that did not have the next one as well.
  const together = ["0004_sessions", "0011_done_saves"];
  expect(MIGRATIONS.slice(0, -1).filter((m) => !together.includes(m))).toEqual(versions.toSorted());
});

test.each(versions)("a database of %s is brought up to date, with a copy of it before", async (version) => {
  await madeBy(version);
  const before = createClient({ url: `file:${folder}/gym.db` });
  const had = await rowsOf(before);
  const people = had.has("athlete") ? await texts(before, "SELECT id, name FROM athlete ORDER BY id") : [];
  const weights = had.has("working_weight")
    ? await texts(before, "SELECT athlete_id, lift, weight FROM working_weight ORDER BY 1, 2, 3")
    : [];
  before.close();
  const { client, turns } = await openDatabaseFile();
  const done = await client.execute("SELECT count(*) FROM __drizzle_migrations");
  expect(Number(done.rows[0]![0])).toBe(MIGRATIONS.length);
  // Nobody and no weight is lost on the way, and nothing points to what is not there.
  expect(await texts(client, "SELECT id, name FROM athlete ORDER BY id")).toEqual(people);
  expect(await texts(client, "SELECT athlete_id, lift, weight FROM working_weight ORDER BY 1, 2, 3")).toEqual(
    weights,
  );
  expect((await client.execute("PRAGMA foreign_key_check")).rows).toEqual([]);
  const has = await rowsOf(client);
  for (const [table, count] of had) {
    // What was planned is planned anew, and warm-ups became sessions once.
    if (["plan", "warm_up", "session"].includes(table)) continue;
    expect([table, has.get(table)]).toEqual([table, count]);
  }
  if (had.get("session")) expect(has.get("session")).toBeGreaterThanOrEqual(had.get("session")!);
  const next = MIGRATIONS[MIGRATIONS.indexOf(version) + 1]!;
  const [copy] = listCopies(`${folder}/gym.db`);
  expect(path.basename(copy!.file)).toContain(`before-${next}`);
  const kept = createClient({ url: `file:${copy!.file}` });
  expect(await rowsOf(kept)).toEqual(had);
  kept.close();
  client.close();
  await turns.close();
});

test("a version that is too old says which one to go through, and stays as it is", async () => {
  await madeBy("0005_own_content");
  const client = createClient({ url: `file:${folder}/gym.db` });
  await client.execute("UPDATE __drizzle_migrations SET created_at = 1000");
  const had = await rowsOf(client);
  await expect(openDatabaseFile()).rejects.toThrow(/too old .* Open it once with version 0\.1\.0/);
  expect(await rowsOf(client)).toEqual(had);
  client.close();
});
