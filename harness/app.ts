import { execFileSync } from "node:child_process";
import { mkdtempSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { freePort, type RunningServer, startServer } from "../e2e/serve";

/** A folder with a database of the demo gym, that is gone when the process ends. */
export function demoDatabase(): string {
  const folder = mkdtempSync(path.join(tmpdir(), "iron-step-harness-"));
  process.on("exit", () => rmSync(folder, { recursive: true, force: true }));
  const file = path.join(folder, "gym.db");
  execFileSync("node_modules/.bin/tsx", ["scripts/seed-demo.mts"], {
    env: { ...process.env, DATABASE_URL: `file:${file}` },
  });
  return file;
}

/** A server on a database file. */
export async function serverOn(file: string): Promise<RunningServer> {
  return startServer({ ...process.env, DATABASE_URL: `file:${file}` }, await freePort());
}

/** Whether every page of a database file is sound, by the app's own check. */
export function isSound(file: string): boolean {
  try {
    execFileSync(process.execPath, ["dist/database.mjs", "check"], {
      env: { ...process.env, DATABASE_URL: `file:${file}` },
      stdio: "ignore",
    });
    return true;
  } catch {
    return false;
  }
}

/** The actions of the build: their ids by their names, and a page that has each. */
export const ACTIONS: ReadonlyMap<string, { id: string; page: string }> = new Map(
  Object.entries(
    (
      JSON.parse(readFileSync(".next/server/server-reference-manifest.json", "utf8")) as {
        node: Record<string, { exportedName: string; workers: Record<string, unknown> }>;
      }
    ).node,
  ).map(([id, { exportedName, workers }]) => {
    const page = Object.keys(workers)[0]!
      .replace(/^app/, "")
      .replace(/\/page$/, "");
    return [exportedName, { id, page: page.replaceAll(/\/\([^)]*\)/g, "") || "/" }];
  }),
);

/** Sends an action as a page does. */
export function sendAction(url: string, name: string, args: unknown, signal?: AbortSignal) {
  return sendBody(url, name, JSON.stringify(args), signal);
}

/** Sends an action a text in place of what a page would send. */
export async function sendBody(url: string, name: string, body: string, signal?: AbortSignal) {
  const { id, page } = ACTIONS.get(name)!;
  return fetch(url + page.replaceAll(/\[[^\]]+\]/g, "x"), {
    method: "POST",
    headers: { "next-action": id, "content-type": "text/plain;charset=UTF-8", accept: "text/x-component" },
    body,
    signal,
  });
}

/** What an action returned; null: nothing that can be read. */
export async function ask<T>(url: string, name: string, arg: unknown): Promise<T | null> {
  const text = await (await sendAction(url, name, [arg])).text();
  const line = text.split("\n").find((l) => l.startsWith("1:"));
  return line ? (JSON.parse(line.slice(2)) as T) : null;
}

/** Adds somebody of a name, which is noted in `acknowledged` if the server says that it has. */
export async function addPerson(url: string, name: string, acknowledged: string[]) {
  const outcome = await ask<{ kind: string; message?: string }>(url, "addAthletesAction", {
    ...{ names: name, group: "Harness", unit: "kg" },
  });
  if (outcome?.kind === "added") acknowledged.push(name);
  return outcome;
}

/** What is wrong about people who were acknowledged, in the file and as the server exports them; null: nothing. */
export async function faultOf(
  file: string,
  url: string,
  acknowledged: readonly string[],
): Promise<string | null> {
  if (!isSound(file)) return "the file is damaged";
  if (acknowledged.length === 0) return "nothing was written";
  const csv = await (await fetch(`${url}/export/athletes.csv`)).text();
  const lost = acknowledged.filter((name) => !csv.includes(`${name},`));
  return lost.length > 0 ? `${lost.length} of ${acknowledged.length} acknowledged writes were lost` : null;
}
