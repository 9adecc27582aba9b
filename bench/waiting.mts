import path from "node:path";
import { addDays, format } from "date-fns";
import { quantiles, seedDemo, serve, temporaryFolder } from "./serve";

/**
 * The first look at Today after a restart, and how long others wait while the plans of days that nobody has looked at yet
 * are worked out. Milliseconds.
 */
const PORT = Number(process.env.BENCH_PORT ?? 4176);
const DAYS = [3, 5, 7, -3, -5];

const file = path.join(temporaryFolder(), "demo.db");
seedDemo(file);
const url = `http://127.0.0.1:${PORT}`;

async function timeOf(address: string): Promise<number> {
  const from = performance.now();
  await (await fetch(url + address)).arrayBuffer();
  return performance.now() - from;
}

const first = await serve(file, PORT);
await timeOf("/");
await timeOf(`/?day=${format(addDays(new Date(), 1), "yyyy-MM-dd")}`);
first.kill("SIGTERM");
await new Promise((resolve) => first.once("exit", resolve));

await serve(file, PORT);
console.log(`Today, first look after a restart   ${(await timeOf("/")).toFixed(0).padStart(6)}`);

let isPlanning = true;
const waits: number[] = [];
const asking = (async () => {
  while (isPlanning) {
    waits.push(await timeOf("/api/health"));
    await new Promise((resolve) => setTimeout(resolve, 5));
  }
})();
const days: number[] = [];
for (const by of DAYS) days.push(await timeOf(`/?day=${format(addDays(new Date(), by), "yyyy-MM-dd")}`));
isPlanning = false;
await asking;
const { median, p95 } = quantiles(waits);
console.log(`A day whose plans are new, median   ${quantiles(days).median.toFixed(0).padStart(6)}`);
console.log(
  `Health meanwhile: median, 95 %, worst ${[median, p95, Math.max(...waits)].map((w) => w.toFixed(0).padStart(6)).join(" ")}`,
);
process.exit(0);
