import path from "node:path";
import { gzipSync } from "node:zlib";
import { chromium } from "@playwright/test";
import { buildSync } from "esbuild";
import { seedDemo, serve, temporaryFolder } from "./serve";

/** Figures that move at once, and for how long they are watched. Milliseconds. */
const MOVING = 12;
const WATCHED_MS = 6000;

/** A module with what it needs, as the app ships it. Bytes after gzip. */
function shipped(entry: string, external: string[] = []): number {
  const { outputFiles } = buildSync({
    ...{ entryPoints: [entry], bundle: true, minify: true, format: "esm", write: false, external },
    alias: { "@": "./src" },
  });
  return gzipSync(outputFiles[0]!.contents).length;
}

console.log("figures");
console.log(`  the rig and its picture: ${(shipped("src/core/figure/index.ts") / 1024).toFixed(1)} kB gzip`);
console.log(
  `  all figures of drills and lifts: ${(shipped("src/catalog/figures/index.ts", ["@/core/figure"]) / 1024).toFixed(1)} kB gzip, loaded where one is shown`,
);

const PORT = Number(process.env.BENCH_PORT ?? 4176);
const file = path.join(temporaryFolder(), "demo.db");
seedDemo(file);
await serve(file, PORT);

const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? "/usr/bin/chromium",
  args: ["--no-sandbox"],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(`http://127.0.0.1:${PORT}/library?shelf=drills`);
await page.locator("ul[aria-label='Drills as figures'] svg").nth(MOVING).waitFor();
const { frames, changed, hidden } = await page.evaluate(
  async ({ count, ms }) => {
    const buttons = [...document.querySelectorAll("ul[aria-label='Drills as figures'] button")];
    for (const b of buttons.slice(0, count)) b.dispatchEvent(new Event("pointerenter"));
    let outOfSight = 0;
    let seen = 0;
    const watch = (from: Element[], add: () => void) => {
      const observer = new MutationObserver(add);
      for (const e of from) observer.observe(e, { subtree: true, attributes: true });
    };
    watch(buttons.slice(0, count), () => (seen += 1));
    watch(buttons.slice(count), () => (outOfSight += 1));
    const times: number[] = [];
    await new Promise<void>((resolve) => {
      const start = performance.now();
      const next = (now: number) => {
        times.push(now);
        if (now - start > ms) resolve();
        else requestAnimationFrame(next);
      };
      requestAnimationFrame(next);
    });
    return { frames: times.slice(1).map((t, i) => t - times[i]!), changed: seen, hidden: outOfSight };
  },
  { count: MOVING, ms: WATCHED_MS },
);
await browser.close();
const sorted = frames.toSorted((a, b) => a - b);
const at = (share: number) => sorted[Math.floor(share * (sorted.length - 1))]!.toFixed(1);
console.log(
  `  ${MOVING} moving: ${(frames.length / (WATCHED_MS / 1000)).toFixed(0)} frames a second; from frame to frame ${at(0.5)} ms, 95th percentile ${at(0.95)}, 99th ${at(0.99)}`,
);
console.log(`  drawn ${changed} times where they move, ${hidden} times where nothing does`);

process.exit(0);
