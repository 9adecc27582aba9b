import { spawnSync } from "node:child_process";
import { build, install, tool } from "./prepare.mjs";

/**
 * The tests of random cases with fifty times as many of them, which takes an hour, then what is promised of the data, tried
 * on servers as they run. `SEED=…` repeats a run; `npm run test:long -- --data` is the second part alone.
 */
install();
const isDataOnly = process.argv.includes("--data");
const env = { ...process.env, LONG: process.env.LONG ?? "50" };
const options = { stdio: ["ignore", "inherit", "inherit"], env };
const tests = ["src/core", ...process.argv.slice(2)];
const random = isDataOnly ? 0 : spawnSync(tool("jest"), tests, options).status;
if (!(await build())) process.exit(1);
const data = spawnSync(tool("tsx"), ["harness/run.mts"], options).status;
process.exit(random || data || 0);
