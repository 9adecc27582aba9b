import path from "node:path";
import { chromium, type Page } from "@playwright/test";
import { quantiles, seedDemo, serve, temporaryFolder } from "./serve";

/**
 * How fast a change on the plan editor shows, from the click to the next picture and to the picture with the new plan,
 * in headless Chromium without a GPU; beside it a click on an empty page in the same run.
 */
const PORT = Number(process.env.BENCH_PORT ?? 4174);
const CLICKS = 24;
/** Until what follows a change (saving, the exact plan, remedies) is over. Milliseconds. */
const REST = 1200;

const url = process.env.BENCH_URL ?? `http://127.0.0.1:${PORT}`;
if (!process.env.BENCH_URL) {
  const file = path.join(temporaryFolder(), "demo.db");
  seedDemo(file);
  await serve(file, PORT);
}

const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? "/usr/bin/chromium",
  args: ["--no-sandbox", "--disable-gpu", "--disable-quic", "--no-first-run", "--disable-sync"],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });

/** Clicks two buttons in turns; milliseconds to the next picture, and to the first after the drawing has changed. */
async function clicks(of: Page, labels: readonly string[]): Promise<{ next: number; plan: number }[]> {
  return of.evaluate(
    async ([names, count, rest]) => {
      const picture = () =>
        new Promise<number>((done) =>
          requestAnimationFrame(() => {
            const channel = new MessageChannel();
            channel.port1.onmessage = () => done(performance.now());
            channel.port2.postMessage(null);
          }),
        );
      const times: { next: number; plan: number }[] = [];
      for (let i = 0; i < count; i++) {
        const name = names[i % names.length]!;
        const button = [...document.querySelectorAll("button")].find(
          (b) => b.getAttribute("aria-label") === name,
        )!;
        const drawing = document.querySelector("svg[role=group]") ?? document.body;
        const changed = new Promise<void>((done) => {
          const observer = new MutationObserver(() => {
            observer.disconnect();
            done();
          });
          observer.observe(drawing, {
            subtree: true,
            childList: true,
            attributes: true,
            characterData: true,
          });
          setTimeout(done, rest);
        });
        const from = performance.now();
        button.click();
        const next = (await picture()) - from;
        await changed;
        times.push({ next, plan: (await picture()) - from });
        await new Promise((resolve) => setTimeout(resolve, rest));
      }
      return times;
    },
    [labels, CLICKS, REST] as const,
  );
}

function print(what: string, times: readonly { next: number; plan: number }[]): void {
  const [next, plan] = [quantiles(times.map((t) => t.next)), quantiles(times.map((t) => t.plan))];
  const cells = [next.median, next.p95, plan.median, plan.p95].map((t) => t.toFixed(0).padStart(6));
  console.log(`${what.padEnd(44)} ${cells.join(" ")}`);
}

console.log(`${"milliseconds".padEnd(44)}   next, 95 %,  plan, 95 %`);
await page.setContent(
  `<button aria-label="on" onclick="document.querySelector('p').textContent = Math.random()">On</button><p>0</p>`,
);
print("A click on an empty page", await clicks(page, ["on"]));
for (const [name, address] of [
  ["One lift", "/session/today-masters/consuelo"],
  ["Two lifts", "/session/today-throwers/tevita"],
] as const) {
  for (const field of ["Working weight", "Reps", "Minutes"]) {
    await page.goto(url + address);
    await page.waitForTimeout(3000);
    print(`${name}: ${field.toLowerCase()}`, await clicks(page, [`${field}: more`, `${field}: less`]));
  }
}
await browser.close();
process.exit(0);
