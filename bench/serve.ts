import { type ChildProcess, execFileSync, spawn } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";

/** A folder that is gone when the process ends. */
export function temporaryFolder(): string {
  const folder = mkdtempSync(path.join(tmpdir(), "iron-step-bench-"));
  process.on("exit", () => rmSync(folder, { recursive: true, force: true }));
  return folder;
}

/** Fills a database file with the demo data. */
export function seedDemo(file: string): void {
  execFileSync("node_modules/.bin/tsx", ["scripts/seed-demo.mts"], {
    env: { ...process.env, DATABASE_URL: `file:${file}` },
  });
}

/** Starts the production server on a database file, and waits until it answers. */
export async function serve(file: string, port: number): Promise<ChildProcess> {
  const env = { ...process.env, DATABASE_URL: `file:${file}`, PORT: String(port), HOST: "127.0.0.1" };
  const server = spawn(process.execPath, ["scripts/serve.mjs"], { env, stdio: "ignore" });
  process.on("exit", () => server.kill("SIGKILL"));
  for (let tries = 0; tries < 100; tries++) {
    try {
      if ((await fetch(`http://127.0.0.1:${port}/api/health`)).ok) return server;
    } catch {
      // Not there yet.
    }
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
  throw new Error("The server does not answer.");
}

/** The middle one of some figures, and the one that 95 % of them are at most. */
export function quantiles(figures: readonly number[]): { median: number; p95: number } {
  const sorted = figures.toSorted((a, b) => a - b);
  const at = (share: number) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]!;
  return { median: at(0.5), p95: at(0.95) };
}
