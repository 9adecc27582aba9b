import { execFileSync } from "node:child_process";
import { readFileSync } from "node:fs";
import path from "node:path";
import { createClient } from "@libsql/client";
import { addDays, format } from "date-fns";
import type { FloorPlan } from "../src/core/floor";
import { playFloor, seedOf } from "../src/demo/play-floor";
import { ask, demoDatabase, isSound, serverOn } from "./app";

/** The week that is simulated: sessions a day, of which so many run at the same time, and tablets that look on. */
const DAYS = 7;
const SESSIONS_A_DAY = 6;
const AT_ONCE = 2;
const TABLETS = 20;
const SPEED = 100;
const MORE_ATHLETES = 30;
/** Groups of the demo whose sessions are run again and again. */
const MODELS = ["today-masters", "today-pilots", "today-throwers"];
/** More than this at the end of the week than after its second day is not flat. */
const MOST_GROWTH = 1.2;

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** Memory that a process holds. MB. */
function memoryOf(pid: number): number {
  const line = /VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, "utf8"));
  return Number(line?.[1] ?? 0) / 1024;
}

function median(numbers: readonly number[]): number {
  return numbers.toSorted((a, b) => a - b)[Math.floor(numbers.length / 2)] ?? 0;
}

/**
 * A week of a gym, a hundred times as fast: six sessions a day, sixty athletes, twenty tablets that listen, coaches who look and change
 * things meanwhile. Memory stays flat, nothing fails, and the database and a copy of it are sound in the end.
 */
export async function soak(days = DAYS): Promise<string | null> {
  const file = demoDatabase();
  const server = await serverOn(file);
  const { url, pid } = server;
  const failures: string[] = [];
  const memory: number[][] = [];
  let [requests, events] = [0, 0];
  const get = async (at: string): Promise<Response | null> => {
    requests += 1;
    const answer = await fetch(url + at).catch(() => null);
    if (!answer?.ok)
      failures.push(`${at.split("/").slice(0, 3).join("/")}: ${answer?.status ?? "no answer"}`);
    return answer;
  };
  const post = async (id: string, body: object) => {
    requests += 1;
    const answer = await fetch(`${url}/api/floor/${id}/events`, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify(body),
    }).catch(() => null);
    if (!answer?.ok) failures.push(`events: ${answer?.status ?? "no answer"}`);
    await answer?.arrayBuffer();
  };
  /** A tablet that listens to a session until it is told to stop. */
  const tablet = async (id: string, signal: AbortSignal) => {
    const answer = await fetch(`${url}/api/floor/${id}/stream?since=0`, { signal }).catch(() => null);
    if (!answer?.ok) return failures.push(`stream: ${answer?.status ?? "no answer"}`);
    const reader = answer.body!.getReader();
    for (;;) {
      const read = await reader.read().catch(() => ({ done: true }));
      if (read.done) return undefined;
    }
  };
  /** Runs one session from its start to its end. */
  const session = async (model: string, day: number, name: string) => {
    const copied = await ask<{ kind: string; ids?: string[] }>(url, "copySessionAction", {
      ...{ id: model, days: [format(addDays(new Date(), day), "yyyy-MM-dd")] },
    });
    const id = copied?.ids?.[0];
    if (!id) return failures.push(`copy: ${JSON.stringify(copied)}`);
    const startAt = Date.now();
    const device = { athlete: null, device: "soak" };
    await post(id, {
      events: [{ id: crypto.randomUUID(), ...device, at: startAt, kind: "started", due: null }],
      since: 0,
    });
    const open = (await (await get(`/api/floor/${id}`))?.json()) as { plan: FloorPlan } | undefined;
    if (!open) return failures.push("the session did not start");
    const stop = new AbortController();
    const tablets = Array.from({ length: TABLETS / AT_ONCE }, () => tablet(id, stop.signal));
    const script = playFloor(open.plan, startAt, seedOf(`${name} ${day}`)).filter(
      (e) => e.kind !== "started",
    );
    for (const event of script) {
      await pause(Math.max(0, startAt + (event.at - startAt) / SPEED - Date.now()));
      await post(id, { events: [{ ...event, at: Date.now() }], since: 0 });
      events += 1;
    }
    stop.abort();
    await Promise.all(tablets);
    await (await get(`/session/${id}/record`))?.arrayBuffer();
    return undefined;
  };
  /** What coaches look at and change beside the sessions. */
  const desk = async (isOver: () => boolean) => {
    for (let i = 0; !isOver(); i++) {
      const pages = [
        "/",
        "/athletes",
        "/calendar",
        "/progress",
        "/athletes/ilse/progress",
        "/export/athletes.csv",
      ];
      await (await get(pages[i % pages.length]!))?.arrayBuffer();
      const opened = (await (await get("/data/athletes/rashid"))?.json()) as
        | { revision: number; draft: { birthYear: number } }
        | undefined;
      if (opened) {
        const athlete = { ...opened.draft, birthYear: 1950 + (i % 50) };
        await ask(url, "saveAthleteAction", { revision: opened.revision, athlete });
      }
      await pause(400);
    }
  };
  try {
    const names = Array.from({ length: MORE_ATHLETES }, (_, i) => `Soak Person ${i + 1}`).join("\n");
    await ask(url, "addAthletesAction", { names, group: "Soak", unit: "kg" });
    for (let day = 0; day < days; day++) {
      let isOver = false;
      const today: number[] = [];
      const watch = setInterval(() => today.push(memoryOf(pid)), 1000);
      const beside = desk(() => isOver);
      for (let from = 0; from < SESSIONS_A_DAY; from += AT_ONCE) {
        const some = Array.from({ length: AT_ONCE }, (_, i) => from + i);
        await Promise.all(
          some.map((i) => session(MODELS[i % MODELS.length]!, day, `Day ${day + 1}, ${i + 1}`)),
        );
      }
      isOver = true;
      await beside;
      clearInterval(watch);
      memory.push(today);
      console.log(
        `       day ${day + 1}: ${median(today).toFixed(0)} MB, ${requests} requests, ${events} events`,
      );
    }
    if (failures.length > 0)
      return `${failures.length} failures: ${[...new Set(failures)].slice(0, 5).join("; ")}`;
    const [early, late] = [median(memory[Math.min(1, days - 1)]!), median(memory.at(-1)!)];
    if (late > MOST_GROWTH * early) return `memory grew from ${early.toFixed(0)} to ${late.toFixed(0)} MB`;
    return backupFault(file);
  } finally {
    await server.stop();
  }
}

/** What is wrong with the database or a copy of it after the week; null: nothing. */
async function backupFault(file: string): Promise<string | null> {
  const copy = path.join(path.dirname(file), "copy.db");
  execFileSync(process.execPath, ["dist/database.mjs", "backup", copy], {
    env: { ...process.env, DATABASE_URL: `file:${file}` },
    stdio: "ignore",
  });
  const [own, copied] = await Promise.all([file, copy].map(countsOf));
  if (JSON.stringify(own) !== JSON.stringify(copied)) return "the copy does not have what the database has";
  return isSound(file) && isSound(copy) ? null : "the file is damaged";
}

async function countsOf(file: string): Promise<number[]> {
  const client = createClient({ url: `file:${file}` });
  const tables = ["athlete", "session", "floor_event", "done_drill", "done_set", "athlete_session"];
  const counts = await Promise.all(tables.map((t) => client.execute(`SELECT count(*) FROM ${t}`)));
  client.close();
  return counts.map((c) => Number(c.rows[0]![0]));
}
