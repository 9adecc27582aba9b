import {
  copyFileSync,
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  truncateSync,
  writeFileSync,
} from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { type Client, createClient } from "@libsql/client";
import { addDays } from "date-fns";
import { checkCopy, copyOnceADay, copyTo, listCopies } from "./copies";
import { checkpoint, clientOf, openDatabaseFile } from "./open-file";
import { replaceFile, restoreFrom } from "./restore";
import { DatabaseTrouble, EXIT, troubleOf } from "./trouble";

let folder: string;
let file: string;
const before = process.env.DATABASE_URL;
const open: Client[] = [];

beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), "iron-step-file-"));
  file = path.join(folder, "gym.db");
  process.env.DATABASE_URL = `file:${file}`;
});
afterEach(() => {
  for (const client of open.splice(0)) client.close();
  process.env.DATABASE_URL = before;
  rmSync(folder, { recursive: true, force: true });
});

async function opened(): Promise<Client> {
  const { client } = await openDatabaseFile();
  open.push(client);
  return client;
}
const addGroup = (client: Client, id: string) =>
  client.execute({ sql: "INSERT INTO training_group (id, name, place) VALUES (?, ?, 0)", args: [id, id] });
async function groupsOf(of: Client | string): Promise<unknown[]> {
  const client = typeof of === "string" ? createClient({ url: `file:${of}` }) : of;
  const { rows } = await client.execute("SELECT id FROM training_group ORDER BY id");
  if (client !== of) client.close();
  return rows.map((r) => r.id);
}
const trouble = (exitCode: number, message: RegExp) =>
  expect.objectContaining({ name: "DatabaseTrouble", exitCode, message: expect.stringMatching(message) });

test("the file alone is whole after the first start, and after each checkpoint", async () => {
  const client = await opened();
  const copy = path.join(folder, "copy.db");
  copyFileSync(file, copy);
  expect(await groupsOf(copy)).toEqual([]);
  await addGroup(client, "a");
  await checkpoint(client);
  copyFileSync(file, copy);
  expect(await groupsOf(copy)).toEqual(["a"]);
});

describe("a file that cannot be used", () => {
  const spoil = async (how: () => void | Promise<void>) => {
    (await openDatabaseFile()).client.close();
    await how();
    const is = readFileSync(file);
    const error = await openDatabaseFile().catch((e: unknown) => e);
    expect(readFileSync(file).equals(is)).toBe(true);
    return error;
  };
  const query = async (sql: string) => {
    const client = createClient({ url: `file:${file}` });
    await client.execute(sql);
    client.close();
  };

  test.each<[string, () => void | Promise<void>, RegExp]>([
    ["empty", () => writeFileSync(file, ""), /is empty: what was in it is gone\. Bring a copy back/],
    ["cut off", () => truncateSync(file, 40_000), /is damaged\. Bring the last good copy back/],
    ["something else", () => writeFileSync(file, "no database ".repeat(5000)), /is damaged/],
    [
      "of a newer app",
      () => query("INSERT INTO __drizzle_migrations (hash, created_at) VALUES ('x', 9999999999999)"),
      /made by a newer version of Iron Step\. Update the app/,
    ],
    ["of another app", () => query("DROP TABLE __drizzle_migrations"), /a database of something else/],
  ])("because it is %s stays as it is, and that is said", async (_, how, message) => {
    expect(await spoil(how)).toEqual(trouble(EXIT.data, message));
  });

  test("because it is a folder, or lies in a file, is said", async () => {
    process.env.DATABASE_URL = `file:${folder}`;
    await expect(openDatabaseFile()).rejects.toEqual(trouble(EXIT.access, /is a folder/));
    writeFileSync(path.join(folder, "note"), "x");
    process.env.DATABASE_URL = `file:${folder}/note/gym.db`;
    await expect(openDatabaseFile()).rejects.toEqual(trouble(EXIT.access, /folder .* cannot be made/));
  });

  test.each([
    ["SQLITE_FULL", /no room left/],
    ["SQLITE_READONLY", /cannot be written/],
    ["SQLITE_CANTOPEN", /cannot be opened/],
    ["SQLITE_BUSY", /Another program holds/],
  ])("by %s is said", (code, message) => {
    const error = Object.assign(new Error("x"), { code });
    expect(troubleOf(new Error("query", { cause: error }), file)).toEqual(trouble(EXIT.access, message));
    expect(troubleOf(new Error("x"), file)).toBeNull();
  });
});

describe("copies", () => {
  test("are made once a day, sound, and fourteen are kept; what was asked for stays", async () => {
    const client = await opened();
    await copyTo(client, path.join(folder, "backups", "gym", "backup-mine.db"));
    const start = new Date(2026, 1, 1);
    for (let day = 0; day < 17; day++) {
      await addGroup(client, `day ${day}`);
      expect(await copyOnceADay(client, file, addDays(start, day))).toBe(true);
      expect(await copyOnceADay(client, file, addDays(start, day))).toBe(false);
    }
    const names = readdirSync(path.join(folder, "backups", "gym"));
    expect(names.filter((n) => n.startsWith("day-"))).toHaveLength(14);
    expect(names).toContain("backup-mine.db");
    const [newest] = listCopies(file);
    await checkCopy(newest!.file);
    expect(await groupsOf(newest!.file)).toHaveLength(17);
  });

  /** What the last migration makes. */
  const TABLES = [
    ...["access_setting", "account", "calendar_address", "credential", "device", "once_link", "pairing_code"],
    ...["passkey", "signed_in", "taken_out", "vain_try", "verification"],
  ];

  test("are made before a database is brought to a newer shape", async () => {
    const { client } = await openDatabaseFile();
    await addGroup(client, "a");
    await client.executeMultiple(
      `PRAGMA foreign_keys=OFF; ${TABLES.map((t) => `DROP TABLE ${t};`).join(" ")} DELETE FROM __drizzle_migrations WHERE created_at = (SELECT max(created_at) FROM __drizzle_migrations)`,
    );
    client.close();
    const again = await opened();
    for (const table of TABLES) await again.execute(`SELECT 1 FROM ${table}`);
    const [copy] = listCopies(file);
    expect(path.basename(copy!.file)).toMatch(/^upgrade-.*-before-0021_access\.db$/);
    expect(await groupsOf(copy!.file)).toEqual(["a"]);
  });

  test("never write over a file, and leave nothing unfinished", async () => {
    const client = await opened();
    const to = path.join(folder, "there.db");
    writeFileSync(to, "mine");
    await expect(copyTo(client, to)).rejects.toEqual(trouble(EXIT.access, /is there already/));
    expect(readFileSync(to, "utf8")).toBe("mine");
    await expect(checkCopy(to)).rejects.toEqual(trouble(EXIT.data, /no copy of an Iron Step database/));
    expect(readdirSync(folder).filter((n) => n.includes("unfinished"))).toEqual([]);
  });

  test("come back while the database is in use; what was there is kept", async () => {
    const client = await opened();
    await addGroup(client, "old");
    const copy = path.join(folder, "copy.db");
    await copyTo(client, copy);
    await addGroup(client, "new");
    const kept = await restoreFrom(client, file, copy);
    expect(await groupsOf(client)).toEqual(["old"]);
    expect(await groupsOf(kept)).toEqual(["new", "old"]);
    writeFileSync(copy, "spoilt");
    await expect(restoreFrom(client, file, copy)).rejects.toBeInstanceOf(DatabaseTrouble);
    expect(await groupsOf(client)).toEqual(["old"]);
  });

  test("come into the place of a file that is damaged, which is kept", async () => {
    const { client } = await openDatabaseFile();
    await addGroup(client, "a");
    const copy = path.join(folder, "copy.db");
    await copyTo(client, copy);
    client.close();
    truncateSync(file, 40_000);
    const kept = await replaceFile(file, copy);
    expect(await groupsOf(await opened())).toEqual(["a"]);
    expect(existsSync(path.join(kept, "gym.db"))).toBe(true);
  });
});

describe("a file that another program holds", () => {
  test("is waited for in steps, in which others are answered", async () => {
    const client = await opened();
    const other = clientOf(`file:${file}`);
    open.push(other);
    const hold = await other.transaction("write");
    let turns = 0;
    const timer = setInterval(() => {
      turns += 1;
      if (turns === 20) void hold.commit();
    }, 10);
    await addGroup(client, "a");
    clearInterval(timer);
    expect(turns).toBeGreaterThanOrEqual(20);
    expect(await groupsOf(client)).toEqual(["a"]);
  });
});
