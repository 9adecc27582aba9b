import { spawn } from "node:child_process";
import { build, install, root, runDatabaseCommand, runScript } from "./prepare.mjs";

/**
 * Starts the app on its own: installs, builds, makes the database and serves.
 * `--demo` uses a database of its own, filled with the demo hall; otherwise it is the coach's.
 */
const isDemo = process.argv.includes("--demo");

install();
if (!(await build())) {
  console.error("The build failed: see the messages above.");
  process.exit(1);
}
if (isDemo) {
  process.env.DATABASE_URL ??= "file:data/demo.db";
  // What is wrong with the file is said in a sentence, before anything is put into it.
  const status = await runDatabaseCommand("check");
  if (status !== 0) process.exit(status ?? 1);
  runScript("scripts/seed-demo.mts");
}

const server = spawn(process.execPath, [`${root}/scripts/serve.mjs`], {
  stdio: ["ignore", "inherit", "inherit"],
});
for (const signal of ["SIGINT", "SIGTERM"]) process.on(signal, () => server.kill(signal));
server.on("exit", (code) => process.exit(code ?? 0));
