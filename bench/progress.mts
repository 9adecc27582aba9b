import path from "node:path";
import { createClient } from "@libsql/client";
import { chromium } from "@playwright/test";
import { addDays, format } from "date-fns";
import { quantiles, seedDemo, serve, temporaryFolder } from "./serve";

/** Five years of a gym of 60: sessions, drills, sets, tests, trials and pain; how long its charts take on the server and to draw. */

const PEOPLE = 60;
const YEARS = 5;
const SESSIONS_A_WEEK = 3;
const DRILLS = [
  "knee-to-wall",
  "calf-roll",
  "cat-and-cow",
  "band-walk",
  "face-pull-turn",
  "easy-row",
  "glute-bridge",
  "front-plank",
  "band-pass-over",
];
const SETS = 8;
const RUNS = 15;
const PORT = Number(process.env.BENCH_PORT ?? 4177);

const file = path.join(temporaryFolder(), "demo.db");
seedDemo(file);
// The server makes the tables that are new.
(await serve(file, PORT)).kill();
await new Promise((resolve) => setTimeout(resolve, 2000));

const client = createClient({ url: `file:${file}` });
async function put(table: string, columns: string[], rows: unknown[][]): Promise<void> {
  for (let from = 0; from < rows.length; from += 1000) {
    const some = rows.slice(from, from + 1000);
    const values = some.map(() => `(${columns.map(() => "?").join(",")})`).join(",");
    await client.execute({
      sql: `insert into ${table} (${columns.join(",")}) values ${values}`,
      args: some.flat() as (string | number | null)[],
    });
  }
}

const ids = Array.from({ length: PEOPLE }, (_, i) => `p${i}`);
await put(
  "athlete",
  ["id", "group_id", "name", "unit", "experience"],
  ids.map((id, i) => [id, "masters", `Member ${i}`, "kg", "intermediate"]),
);
await put(
  "athlete_limiter",
  ["athlete_id", "demand", "place"],
  ids.map((id) => [id, "ankle-dorsiflexion", 0]),
);
const weeks = YEARS * 52;
const days = Array.from({ length: weeks * SESSIONS_A_WEEK }, (_, i) =>
  format(addDays(new Date(), -Math.floor((i * 7) / SESSIONS_A_WEEK) - 1), "yyyy-MM-dd"),
);
const kinds = ["raise", "mobilise", "activate", "rehearse"];
for (const [i, day] of days.entries()) {
  const of = ids.map((id) => [`s${i}`, id, day]);
  await put(
    "athlete_session",
    [
      "session_id",
      "athlete_id",
      "day",
      "name",
      "presence",
      "planned_seconds",
      "ready_seconds",
      "pains",
      "stopped",
      "notes",
      "ended_at",
    ],
    of.map((o, p) => [
      ...[...o, "Evening", "there", 900 + p, 950 + ((p * 7 + i) % 120)],
      (p + i) % 40 === 0 ? '[{"area":"knee","level":2,"quality":"dull","signs":[],"lift":0}]' : "[]",
      ...["[]", "[]", Date.parse(`${day}T19:00:00Z`)],
    ]),
  );
  await put(
    "done_drill",
    [
      "session_id",
      "athlete_id",
      "place",
      "day",
      "drill",
      "name",
      "phase",
      "is_done",
      "planned_seconds",
      "real_seconds",
    ],
    of.flatMap(([s, id, d]) =>
      DRILLS.map((drill, place) => [
        s,
        id,
        place,
        d,
        drill,
        drill,
        kinds[place % 4],
        1,
        60,
        55 + ((place * 5 + i) % 20),
      ]),
    ),
  );
  await put(
    "done_set",
    [
      "session_id",
      "athlete_id",
      "place",
      "day",
      "lift",
      "is_work",
      "weight",
      "unit",
      "reps",
      "planned_seconds",
    ],
    of.flatMap(([s, id, d]) =>
      Array.from({ length: SETS }, (_, place) => [
        s,
        id,
        place,
        d,
        "back-squat",
        place > 4 ? 1 : 0,
        60000 + 10 * i,
        "kg",
        5,
        150,
      ]),
    ),
  );
}
await put(
  "test_result",
  ["id", "athlete_id", "test", "day", "moment", "value", "at"],
  days
    .filter((_, i) => i % 6 === 0)
    .flatMap((day, i) => ids.map((id) => [`r${i}${id}`, id, "knee-to-wall", day, "cold", "[8.5,9]", i])),
);
await put(
  "trial",
  ["id", "athlete_id", "test", "drill", "seconds", "day", "before", "after", "at"],
  days
    .filter((_, i) => i % 2 === 0)
    .flatMap((day, i) =>
      ids.map((id, p) => [
        `t${i}${id}`,
        id,
        "knee-to-wall",
        DRILLS[(i + p) % 2],
        60,
        day,
        "[8,7]",
        "[9,8.5]",
        i,
      ]),
    ),
);
await client.execute("ANALYZE");
client.close();

await serve(file, PORT);
const url = `http://127.0.0.1:${PORT}`;
const count = days.length * PEOPLE;
console.log(
  `progress: ${PEOPLE} people, ${YEARS} years, ${count} times somebody trained, ${count * DRILLS.length} drills`,
);
process.env.DATABASE_URL = `file:${file}`;
const { openAthleteProgress, openGroupProgress } = await import("@/server/progress/open-progress");
for (const [name, open] of [
  ["one athlete, a year", () => openAthleteProgress("p1", "year")],
  ["one athlete, five years", () => openAthleteProgress("p1", "all")],
  ["a group of 72, a year", () => openGroupProgress("masters", "year")],
  ["a group of 72, five years", () => openGroupProgress("masters", "all")],
] as const) {
  const times: number[] = [];
  for (let run = 0; run < RUNS + 1; run++) {
    const start = performance.now();
    await open();
    if (run >= 1) times.push(performance.now() - start);
  }
  const { median, p95 } = quantiles(times);
  console.log(
    `  ${name.padEnd(28)} data of all charts ${median.toFixed(0)} ms median, ${p95.toFixed(0)} ms 95 %`,
  );
}
const pages = [
  ["one athlete, a year", "/athletes/p1/progress"],
  ["one athlete, five years", "/athletes/p1/progress?period=all"],
  ["a group of 72, a year", "/progress?group=masters"],
  ["a group of 72, five years", "/progress?group=masters&period=all"],
  ["tests of one athlete", "/athletes/p1/tests"],
  ["the report, five years", "/athletes/p1/report?period=all"],
  ["today, with what hurt", "/"],
] as const;
for (const [name, at] of pages) {
  const times: number[] = [];
  for (let run = 0; run < RUNS + 2; run++) {
    const start = performance.now();
    await (await fetch(url + at)).text();
    if (run >= 2) times.push(performance.now() - start);
  }
  const { median, p95 } = quantiles(times);
  console.log(
    `  ${name.padEnd(28)} ${median.toFixed(0).padStart(6)} ms median ${p95.toFixed(0).padStart(6)} ms 95 % (200 ms)`,
  );
}

const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? "/usr/bin/chromium",
  args: ["--no-sandbox"],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
for (const [name, at] of pages.slice(0, 4)) {
  const drawn: number[] = [];
  for (let run = 0; run < 5; run++) {
    await page.goto(url + at);
    // Charts come with code of their own: what counts is drawing them again at another width, from data that is there.
    await page.locator(".recharts-surface").first().waitFor();
    await page.waitForTimeout(300);
    drawn.push(
      await page.evaluate(async () => {
        const tasks: number[] = [];
        const observer = new PerformanceObserver((list) =>
          tasks.push(...list.getEntries().map((e) => e.duration)),
        );
        observer.observe({ entryTypes: ["longtask"] });
        document.querySelector("main")!.style.maxWidth = "60rem";
        await new Promise((resolve) => setTimeout(resolve, 600));
        observer.disconnect();
        return Math.max(0, ...tasks);
      }),
    );
  }
  console.log(
    `  ${name.padEnd(28)} all charts drawn anew: longest task ${quantiles(drawn).median.toFixed(0)} ms median of 5 (100 ms for each)`,
  );
}
await browser.close();
process.exit(0);
