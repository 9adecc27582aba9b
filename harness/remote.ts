import { execFileSync, spawn } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { freePort, startServer } from "../e2e/serve";
import { ask } from "./app";

const ATHLETE = "ilse";

interface Opened {
  revision: number;
  draft: { birthYear: number };
}
type Outcome = { kind: "saved" } | { kind: "changed-elsewhere" } | { kind: "refused"; message: string };

/** What stands in for a libSQL server elsewhere, on a folder and a port that stay the same when it is started anew. */
async function standIn(folder: string, port: number, latency: number, dropped: number) {
  const child = spawn(
    process.execPath,
    [
      "--import",
      "tsx",
      "harness/libsql-stand-in.mts",
      folder,
      String(port),
      String(latency),
      String(dropped),
    ],
    { stdio: ["ignore", "pipe", "inherit"] },
  );
  await new Promise((resolve, reject) => {
    child.stdout.once("data", resolve);
    child.once("exit", () => reject(new Error("The stand-in has ended.")));
  });
  const stop = async () => {
    const ended = new Promise((resolve) => child.once("exit", resolve));
    child.kill("SIGKILL");
    await ended;
  };
  return { stop };
}

/**
 * Two servers on one database elsewhere, which is slow, loses connections and is started anew in the middle: what was acknowledged is
 * there in the end, and what was not is there once at most.
 *
 * @param dropped the share of connections that are lost, half of them after all was done.
 */
export async function remoteWriters(
  people: number,
  changes: number,
  dropped: number,
): Promise<string | null> {
  const folder = mkdtempSync(path.join(tmpdir(), "iron-step-remote-"));
  const port = await freePort();
  const env = { ...process.env, DATABASE_URL: `http://127.0.0.1:${port}/gym/` };
  let database = await standIn(folder, port, 0, 0);
  execFileSync("node_modules/.bin/tsx", ["scripts/seed-demo.mts"], { env, stdio: "ignore" });
  await database.stop();
  database = await standIn(folder, port, 5, dropped);
  const running = await Promise.all([startServer(env), startServer(env)]);
  const read = async (url: string): Promise<Opened> => {
    for (;;) {
      const answer = await fetch(`${url}/data/athletes/${ATHLETE}`).catch(() => null);
      if (answer?.ok) return (await answer.json()) as Opened;
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
  };
  const save = (url: string, { revision, draft }: Opened, birthYear: number) =>
    ask<Outcome>(url, "saveAthleteAction", { revision, athlete: { ...draft, birthYear } }).catch(() => null);
  let [acknowledged, unknown] = [0, 0];
  try {
    while ((await save(running[0]!.url, await read(running[0]!.url), 1900))?.kind !== "saved");
    const half = (people * changes) / 2;
    let restarted: Promise<void> | null = null;
    const work = Array.from({ length: people }, async (_, i) => {
      const { url } = running[i % running.length]!;
      for (let done = 0; done < changes; ) {
        const opened = await read(url);
        const outcome = await save(url, opened, opened.draft.birthYear + 1);
        if (outcome?.kind === "saved") {
          done += 1;
          acknowledged += 1;
        } else if (outcome?.kind !== "changed-elsewhere") unknown += 1;
        if (acknowledged > half) {
          restarted ??= (async () => {
            await database.stop();
            await new Promise((resolve) => setTimeout(resolve, 500));
            database = await standIn(folder, port, 5, dropped);
          })();
        }
      }
    });
    await Promise.all(work);
    await restarted;
    const { draft } = await read(running[1]!.url);
    const there = draft.birthYear - 1900;
    if (there < acknowledged)
      return `${acknowledged - there} of ${acknowledged} acknowledged changes were lost`;
    if (there > acknowledged + unknown) return `${there - acknowledged - unknown} changes nobody has made`;
    console.log(`       ${acknowledged} acknowledged, ${unknown} without an answer, ${there} there`);
    return null;
  } finally {
    await Promise.all(running.map((s) => s.stop()));
    await database.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}
