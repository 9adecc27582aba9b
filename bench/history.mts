import { type ChildProcess, execFileSync } from "node:child_process";
import { existsSync, readFileSync } from "node:fs";
import path from "node:path";
import { createClient } from "@libsql/client";
import { addDays, format } from "date-fns";
import { quantiles, seedDemo, serve, temporaryFolder } from "./serve";

/**
 * How long every view takes with years of data, against the demo gym: 200 athletes, 5 years, 200,000 sessions. Asks the
 * production server over HTTP, one request at a time, and reads how much memory it has come to hold.
 */

const ATHLETES = 200;
const GROUP = 12;
const YEARS = 5;
const SESSIONS = 200_000;
const GROUPS_A_DAY = 6;
const RUNS = 9;
const PORT = 4173;

const iso = (day: Date) => format(day, "yyyy-MM-dd");
const now = new Date();

/** Fills a demo database with years of history; what the demo has stays. */
async function grow(file: string): Promise<void> {
  const client = createClient({ url: `file:${file}` });
  const lifts = ["back-squat", "bench-press", "deadlift"];
  const content = (lift: string, together: boolean) =>
    JSON.stringify({
      lifts: [{ lift, scheme: null, pairedWithNext: false }],
      ...{ minutes: 18, approach: "temperature-first", room: "normal", together, own: [], dropped: [] },
    });
  const put = async (table: string, columns: string[], rows: unknown[][]) => {
    for (let from = 0; from < rows.length; from += 1000) {
      const some = rows.slice(from, from + 1000);
      const values = some.map(() => `(${columns.map(() => "?").join(",")})`).join(",");
      await client.execute({
        sql: `insert into ${table} (${columns.join(",")}) values ${values}`,
        args: some.flat() as (string | number | null)[],
      });
    }
  };
  const groups = Math.ceil(ATHLETES / GROUP);
  await put(
    "training_group",
    ["id", "name", "place"],
    Array.from({ length: groups }, (_, g) => [`g${g}`, `Group ${g + 1}`, g + 10]),
  );
  const ids = Array.from({ length: ATHLETES }, (_, a) => `a${a}`);
  await put(
    "athlete",
    ["id", "group_id", "name", "unit", "body_weight", "birth_year", "experience"],
    ids.map((id, a) => [
      ...[id, `g${a % groups}`, `Member ${String(a).padStart(3, "0")}`, "kg", 60000 + (a % 50) * 1000],
      ...[1950 + (a % 55), ["beginner", "intermediate", "advanced"][a % 3]],
    ]),
  );
  const weights: unknown[][] = [];
  for (const [a, id] of ids.entries())
    for (let week = 0; week < YEARS * 52; week++)
      for (const [l, lift] of lifts.entries())
        weights.push([
          ...[id, lift, iso(addDays(now, -7 * week - l))],
          ...[40000 + ((a * 2500) % 100000) + l * 10000, 5, 3, 2],
        ]);
  await put("working_weight", ["athlete_id", "lift", "day", "weight", "reps", "sets", "rir"], weights);
  const days = YEARS * 365;
  const aDay = Math.ceil(SESSIONS / days);
  const sessions: unknown[][] = [];
  const people: unknown[][] = [];
  for (let d = 0; sessions.length < SESSIONS; d++) {
    const day = iso(addDays(now, 2 - d));
    for (let s = 0; s < aDay && sessions.length < SESSIONS; s++) {
      const id = `s${d}-${s}`;
      const isGroup = s < GROUPS_A_DAY;
      const group = (d + s) % groups;
      const time = `${String(6 + (s % 15)).padStart(2, "0")}:${s % 2 ? "30" : "00"}`;
      const athletes = isGroup
        ? ids.filter((_, a) => a % groups === group).slice(0, GROUP)
        : [ids[(d * 7 + s) % ATHLETES]!];
      sessions.push([
        ...[id, isGroup ? `Group ${group + 1}` : `Member ${s}`, day, time, "rope-works"],
        ...[isGroup ? `g${group}` : null, content(lifts[s % 3]!, isGroup), 0, 0],
      ]);
      for (const [place, athlete] of athletes.entries()) people.push([id, athlete, place]);
    }
  }
  await put(
    "session",
    ["id", "name", "day", "time", "gym_id", "group_id", "content", "revision", "updated_at"],
    sessions,
  );
  await put("session_athlete", ["session_id", "athlete_id", "place"], people);
  await client.execute("analyze");
  client.close();
}

async function timeOf(view: string): Promise<{ first: number; median: number }> {
  const times: number[] = [];
  for (let run = 0; run < RUNS; run++) {
    const from = performance.now();
    const answer = await fetch(`http://127.0.0.1:${PORT}${view}`);
    await answer.arrayBuffer();
    if (!answer.ok) throw new Error(`${view} answered ${answer.status}`);
    times.push(performance.now() - from);
  }
  const [first, ...rest] = times;
  return { first: first!, median: quantiles(rest).median };
}

function memoryOf(server: ChildProcess): { now: number; most: number } {
  const status = readFileSync(`/proc/${server.pid}/status`, "utf8");
  const mega = (field: string) =>
    Math.round(Number(new RegExp(`${field}:\\s+(\\d+)`).exec(status)![1]) / 1024);
  return { now: mega("VmRSS"), most: mega("VmHWM") };
}

/** Views by what they are called in the table; where they are differs between the two databases. */
const VIEWS = (session: string, athlete: string): [string, string][] => [
  ["Today", "/"],
  ["A day a year ago", `/?day=${iso(addDays(now, -365))}`],
  ["Calendar, a week", "/calendar"],
  ["Calendar, a day", "/calendar?view=day"],
  ["Athletes", "/athletes"],
  ["Athletes by newest weight", "/athletes?order=updated"],
  ["An athlete", `/athletes/${athlete}`],
  ["Gym", "/gym"],
  ["Library", "/library"],
  ["Files", "/files"],
  ["A session of twelve", `/session/${session}`],
  ["One athlete of it", `/session/${session}/${athlete}`],
  ["Its cards", `/session/${session}/cards`],
  ["Its sheets", `/session/${session}/sheets`],
  ["Its cards on phones", `/session/${session}/phones`],
  ["A card", `/session/${session}/${athlete}/card`],
];

if (!existsSync(".next/BUILD_ID")) execFileSync("node_modules/.bin/next", ["build"], { stdio: "inherit" });
const folder = temporaryFolder();
const results: { first: number; median: number }[][] = [];
const memory: string[] = [];
for (const isBig of [false, true]) {
  const file = path.join(folder, isBig ? "years.db" : "demo.db");
  seedDemo(file);
  if (isBig) await grow(file);
  const server = await serve(file, PORT);
  try {
    const views = isBig ? VIEWS("s2-0", "a2") : VIEWS("tomorrow-masters", "rashid");
    const times: { first: number; median: number }[] = [];
    for (const [, view] of views) times.push(await timeOf(view));
    results.push(times);
    const { now: holds, most } = memoryOf(server);
    memory.push(`${isBig ? "years" : "demo"}: ${holds} MB, at most ${most} MB`);
  } finally {
    server.kill("SIGKILL");
  }
}
const cell = (ms: number) => ms.toFixed(0).padStart(8);
console.log("| milliseconds | demo, first | demo, median | years, first | years, median |");
for (const [i, [name]] of VIEWS("", "").entries()) {
  const [demo, years] = [results[0]![i]!, results[1]![i]!];
  console.log(
    `| ${name.padEnd(26)} | ${cell(demo.first)} | ${cell(demo.median)} | ${cell(years.first)} | ${cell(years.median)} |`,
  );
}
console.log(`Memory of the server. ${memory.join("; ")}`);
