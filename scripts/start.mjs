import { spawn } from "node:child_process";
import { build, install, root, runDatabaseCommand, runScript, tool } from "./prepare.mjs";

/**
 * Starts the app on its own: installs, builds, makes the database and serves.
 * `--demo` uses a database of its own, filled with the demo gym; otherwise it is the coach's. `--floor` plays the demo's session that
 * runs, ten times as fast as it would go.
 */
const isDemo = process.argv.includes("--demo");
const isPlayed = isDemo && process.argv.includes("--floor");

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
  console.log("Preparing the demo: eight weeks of sessions, and one that runs.");
  runScript("scripts/seed-demo.mts", "--floor");
}

const server = spawn(process.execPath, [`${root}/scripts/serve.mjs`], {
  stdio: ["ignore", "inherit", "inherit"],
});
for (const signal of ["SIGINT", "SIGTERM"]) process.on(signal, () => server.kill(signal));
server.on("exit", (code) => process.exit(code ?? 0));

if (isPlayed) {
  const url = `http://${process.env.HOST ?? "127.0.0.1"}:${process.env.PORT ?? 3000}`;
  const isUp = () =>
    fetch(`${url}/api/health`)
      .then((answer) => answer.ok)
      .catch(() => false);
  while (!(await isUp())) await new Promise((resolve) => setTimeout(resolve, 300));
  const player = spawn(tool("tsx"), ["scripts/play-floor.mts", url], {
    stdio: ["ignore", "inherit", "inherit"],
  });
  server.on("exit", () => player.kill());
}
