import { spawnSync } from "node:child_process";
import { fileURLToPath } from "node:url";
import { buildSync } from "esbuild";

/** Builds the benchmarks as the app is built, without what development adds, and runs them one after the other. */
const names =
  process.argv.length > 2 ? process.argv.slice(2) : ["run", "rack", "groups", "growth", "choice", "plans"];
const out = fileURLToPath(new URL("../node_modules/.cache/bench/", import.meta.url));
buildSync({
  entryPoints: names.map((name) => fileURLToPath(new URL(`${name}.mts`, import.meta.url))),
  outdir: out,
  outExtension: { ".js": ".mjs" },
  bundle: true,
  platform: "node",
  format: "esm",
  packages: "external",
  logLevel: "error",
});
for (const name of names) {
  const { status } = spawnSync(process.execPath, [`${out}${name}.mjs`], { stdio: "inherit" });
  if (status !== 0) process.exit(status ?? 1);
}
