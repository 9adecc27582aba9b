import { availableParallelism } from "node:os";
import { defineConfig } from "@playwright/test";

/**
 * A time zone in which it is the middle of the day now, for the servers and the browsers alike: no test sees midnight
 * pass, and the tests run in other zones at other hours.
 */
function zoneOfMidday(): string {
  const hour = new Date().getUTCHours();
  if (hour >= 6 && hour < 18) return "UTC";
  return hour < 6 ? "Etc/GMT-8" : "Etc/GMT+9";
}
// The workers of a run inherit what its start has chosen.
process.env.TEST_ZONE ??= zoneOfMidday();
process.env.TZ = process.env.TEST_ZONE;

export default defineConfig({
  testDir: "e2e",
  globalSetup: "./e2e/seeded.ts",
  workers: Math.max(2, availableParallelism()),
  // No test is about time; a busy machine may take long to answer.
  timeout: 120_000,
  expect: { timeout: 15_000 },
  forbidOnly: true,
  use: {
    actionTimeout: 20_000,
    viewport: { width: 1280, height: 800 },
    // A copy of the page at every step would make all tests half as long again for the sake of those that fail.
    trace: { mode: "retain-on-failure", screenshots: false, snapshots: false },
    screenshot: "only-on-failure",
    timezoneId: process.env.TEST_ZONE,
    contextOptions: { reducedMotion: "reduce" },
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? "/usr/bin/chromium",
      args: [
        "--no-sandbox",
        "--disable-gpu",
        "--disable-quic",
        "--no-first-run",
        "--disable-background-networking",
        "--disable-component-update",
        "--disable-sync",
      ],
    },
  },
});
