import path from "node:path";
import { createClient } from "@libsql/client";
import { chromium } from "@playwright/test";
import { v7 } from "uuid";
import { seedDemo, serve, temporaryFolder } from "./serve";

/** A night of a wall in short: the server goes and comes again and again, and things happen meanwhile. What the page holds is measured after it has let go of what it can. */

const NIGHTS = 30;
const MEASURED_FROM = 5;
const EVENTS_EACH = 10;
const PORT = Number(process.env.BENCH_PORT ?? 4178);
const SESSION = "today-masters";
const ATHLETE = "mei";

const file = path.join(temporaryFolder(), "demo.db");
seedDemo(file);
const client = createClient({ url: `file:${file}` });
await client.execute({
  sql: "insert into wall_address (token, session_id) values ('wall-of-the-bench', ?)",
  args: [SESSION],
});
client.close();

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
const url = `http://127.0.0.1:${PORT}`;
const post = (events: object[]) =>
  fetch(`${url}/api/floor/${SESSION}/events`, {
    method: "POST",
    headers: { "content-type": "application/json" },
    body: JSON.stringify({ events, since: 0 }),
  });
const event = (what: object, athlete: string | null = null) => ({
  ...{ id: v7(), athlete, device: "bench", at: Date.now(), ...what },
});

// Each start of the server leaves word to end it with the process.
process.setMaxListeners(NIGHTS + 10);
let server = await serve(file, PORT);
await post([event({ kind: "started", due: null })]);
const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? "/usr/bin/chromium",
  args: ["--no-sandbox"],
});
const page = await browser.newPage({ viewport: { width: 1920, height: 1080 } });
const broken: string[] = [];
page.on("pageerror", (error) => broken.push(String(error)));
await page.goto(`${url}/wall/wall-of-the-bench`);
const debug = await page.context().newCDPSession(page);

/** What the page holds. MB, and nodes of documents. */
async function held(): Promise<{ heap: number; nodes: number }> {
  await debug.send("HeapProfiler.collectGarbage");
  const { usedSize } = await debug.send("Runtime.getHeapUsage");
  const { nodes } = await debug.send("Memory.getDOMCounters");
  return { heap: usedSize / 1e6, nodes };
}

const measured: { heap: number; nodes: number }[] = [];
for (let night = 0; night < NIGHTS; night++) {
  server.kill("SIGKILL");
  await pause(700);
  server = await serve(file, PORT);
  for (let i = 0; i < EVENTS_EACH; i++) {
    await post([event({ kind: i % 2 === 0 ? "paused" : "resumed" })]);
    await pause(100);
  }
  await post([event({ kind: "note", text: "seen" }, ATHLETE)]);
  await pause(1500);
  if (night >= MEASURED_FROM) measured.push(await held());
}
const [first, last] = [measured[0]!, measured.at(-1)!];
console.log("wall");
console.log(
  `  after ${MEASURED_FROM + 1} restarts of the server ${first.heap.toFixed(1)} MB and ${first.nodes} nodes, after ${NIGHTS} ${last.heap.toFixed(1)} MB and ${last.nodes} nodes; ${broken.length} errors`,
);
// What is told now is seen now: it has come back after every restart.
await post([event({ kind: "finished", complete: true })]);
const from = performance.now();
await page.getByText("Finished").waitFor({ timeout: 20_000 });
console.log(`  the end is on it ${((performance.now() - from) / 1000).toFixed(2)} s after it was told`);
await browser.close();
process.exit(0);
