import { readFileSync } from "node:fs";
import path from "node:path";
import { seedDemo, serve, temporaryFolder } from "./serve";

/**
 * How long /api/health takes while long work is under way, which writes to the database: it is to answer within 100 ms at
 * the 99th percentile. Milliseconds.
 */
const PORT = Number(process.env.BENCH_PORT ?? 4177);
const file = path.join(temporaryFolder(), "demo.db");
seedDemo(file);
const url = `http://127.0.0.1:${PORT}`;
const server = await serve(file, PORT);

const plates = [25, 20, 15, 10, 5, 2.5, 1.25].map((weight) => ({ weight, pairs: 4 }));
const lift = (id: string, weight: number) => ({
  lift: id,
  working: { weight, reps: 5, sets: 3 },
  implement: { kind: "barbell", weight: 20 },
  plates,
});
const LIFTS = ["back-squat", "bench-press", "deadlift", "overhead-press", "front-squat", "power-clean"];
const post = (address: string, body: unknown) =>
  fetch(url + address, {
    method: "POST",
    headers: { "content-type": "application/json" },
    body: typeof body === "string" ? body : JSON.stringify(body),
  });
const people = Array.from({ length: 60 }, (_, i) => ({ name: `P${i}`, limiters: [] }));
const bad = Array.from({ length: 400_000 }, (_, i) => ({ id: `a${i}`, name: 7, nonsense: "x".repeat(20) }));

/** How often each is done. */
const TIMES = 5;

const WORK: [string, () => Promise<Response>][] = [
  [
    "racks of 60",
    () =>
      post("/api/rack", {
        unit: "kg",
        athletes: people.map(({ name }, i) => ({ name, ...lift("back-squat", 60 + 2.5 * (i % 30)) })),
      }),
  ],
  [
    "a group of 60",
    () => post("/api/plan", { unit: "kg", minutes: 20, lifts: [lift("back-squat", 100)], group: people }),
  ],
  [
    "six exact lifts",
    () =>
      post("/api/plan", {
        ...{ unit: "kg", minutes: 45, exact: true, lifts: LIFTS.map((id) => lift(id, 80)) },
        athlete: { experience: "intermediate", limiters: ["ankle-dorsiflexion", "hip-flexion"] },
      }),
  ],
  ["a PDF of 12 cards", () => fetch(`${url}/session/today-masters/cards.pdf`)],
  [
    "400,000 bad athletes",
    () =>
      post(
        "/import/bundle?do=look",
        JSON.stringify({
          ...{ format: "iron-step-bundle", version: 2, gyms: [], groups: [], templates: [], sessions: [] },
          athletes: bad,
        }),
      ),
  ],
];

console.log(
  `${"while".padEnd(24)}${"status".padStart(8)}${"takes s".padStart(9)}   health: median   99 %   worst`,
);
// The code of a route is loaded when it is first asked for.
for (const route of ["rack", "plan"]) await post(`/api/${route}`, "{}");
await post("/import/bundle?do=look", "{}");
for (const [name, work] of WORK) {
  let isWorking = true;
  const waits: number[] = [];
  const asking = (async () => {
    while (isWorking) {
      const from = performance.now();
      await (await fetch(`${url}/api/health`)).arrayBuffer();
      waits.push(performance.now() - from);
      await new Promise((resolve) => setTimeout(resolve, 10));
    }
  })();
  const from = performance.now();
  let status = 0;
  for (let i = 0; i < TIMES; i++) {
    const response = await work();
    await response.arrayBuffer();
    status = response.status;
  }
  const took = (performance.now() - from) / 1000 / TIMES;
  isWorking = false;
  await asking;
  const sorted = waits.toSorted((a, b) => a - b);
  const at = (share: number) =>
    sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]!.toFixed(0);
  console.log(
    `${name.padEnd(24)}${String(status).padStart(8)}${took.toFixed(1).padStart(9)}   ${at(0.5).padStart(14)}${at(0.99).padStart(7)}${at(1).padStart(8)}`,
  );
}
const memory = /VmHWM:\s+(\d+)/.exec(readFileSync(`/proc/${server.pid}/status`, "utf8"))?.[1];
if (memory) console.log(`Memory at its most: ${(Number(memory) / 1024).toFixed(0)} MB`);
process.exit(0);
