import { spawnSync } from "node:child_process";
import { install, tool } from "./prepare.mjs";

/** The tests of random cases with fifty times as many of them; takes an hour. `SEED=…` repeats a run. */
install();
const env = { ...process.env, LONG: process.env.LONG ?? "50" };
const tests = ["src/core", ...process.argv.slice(2)];
const { status } = spawnSync(tool("jest"), tests, { stdio: ["ignore", "inherit", "inherit"], env });
process.exit(status ?? 1);
