import { defineConfig } from "@playwright/test";

export default defineConfig({
  testDir: "e2e",
  workers: 2,
  // No test is about time; a busy machine may take long to answer.
  timeout: 120_000,
  expect: { timeout: 15_000 },
  forbidOnly: true,
  use: {
    actionTimeout: 20_000,
    viewport: { width: 1280, height: 800 },
    trace: "off",
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
