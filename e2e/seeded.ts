import { execFileSync } from "node:child_process";
import { copyFileSync, mkdirSync } from "node:fs";
import path from "node:path";
import { createClient } from "@libsql/client";
import { addDays, format } from "date-fns";
import { startServer } from "./serve";

/** The demo gym's database, seeded once for a run of the tests; every server of a test has a copy of it. */
const SEEDED = path.resolve("test-results/seeded.db");

/** Seeds the database that the tests copy, with the plans of the days that a server plans ahead. */
export default async function seedOnce(): Promise<void> {
  mkdirSync(path.dirname(SEEDED), { recursive: true });
  const env = { ...process.env, DATABASE_URL: `file:${SEEDED}` };
  execFileSync("node_modules/.bin/tsx", ["scripts/seed-demo.mts"], { env, stdio: "inherit" });
  const server = await startServer(env);
  for (const day of ["", `?day=${format(addDays(new Date(), 1), "yyyy-MM-dd")}`])
    await (await fetch(`${server.url}/${day}`)).text();
  await server.stop();
  const client = createClient({ url: env.DATABASE_URL });
  await client.execute("PRAGMA wal_checkpoint(TRUNCATE)");
  client.close();
}

/** Puts a copy of the seeded database at a path. */
export function copySeeded(file: string): void {
  copyFileSync(SEEDED, file);
}
