import { spawn } from "node:child_process";
import { buildThreads, install, PLAN_THREAD, runScript, tool, WORK_THREAD } from "./prepare.mjs";

/** Serves the app from its sources, on the demo data in a database of its own. */
install();
await buildThreads();
process.env.DATABASE_URL ??= "file:data/dev.db";
process.env.PLAN_THREAD = PLAN_THREAD;
process.env.WORK_THREAD = WORK_THREAD;
runScript("scripts/seed-demo.mts");

const server = spawn(tool("next"), ["dev", "--hostname", "127.0.0.1", ...process.argv.slice(2)], {
  stdio: "inherit",
});
for (const signal of ["SIGINT", "SIGTERM"]) process.on(signal, () => server.kill(signal));
server.on("exit", (code) => process.exit(code ?? 0));
