import { execFileSync, spawnSync } from "node:child_process";
import { createHash } from "node:crypto";
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from "node:fs";
import path from "node:path";
import { fileURLToPath } from "node:url";

/** The project's folder; every command runs in it, wherever it was called from. */
export const root = path.dirname(path.dirname(fileURLToPath(import.meta.url)));
process.chdir(root);
process.env.NEXT_TELEMETRY_DISABLED = "1";

const INSTALLED_MARK = "node_modules/.iron-step-installed";
const BUILT_MARK = ".next/iron-step-built";
/** What a production build is made from. */
const SOURCES = [
  ...["src", "package-lock.json", "next.config.ts", "postcss.config.mjs", "tsconfig.json"],
  "scripts/prepare.mjs",
];
/** The script of the threads in which the server works plans out. */
export const PLAN_THREAD = path.join(root, "dist/plan-thread.mjs");
/** That of the threads in which it works out answers of the open interface and documents. */
export const WORK_THREAD = path.join(root, "dist/work-thread.mjs");

/** What is done to the database beside the server; see `src/data/file/command.ts`. */
export const DATABASE_COMMAND = path.join(root, "dist/database.mjs");

/** The path of a tool that the project has installed. */
export function tool(name) {
  return path.join(root, "node_modules", ".bin", name);
}

function filesUnder(entry) {
  if (!statSync(entry).isDirectory()) return [entry];
  return readdirSync(entry)
    .sort()
    .flatMap((name) => filesUnder(path.join(entry, name)));
}

function fingerprint(entries) {
  const hash = createHash("sha256");
  for (const file of entries.flatMap(filesUnder)) hash.update(file).update(readFileSync(file));
  return hash.digest("hex");
}

function isMarked(mark, print) {
  return existsSync(mark) && readFileSync(mark, "utf8") === print;
}

function mark(file, print) {
  mkdirSync(path.dirname(file), { recursive: true });
  writeFileSync(file, print);
}

/** Installs the packages if the lock file has changed since the last time. */
export function install() {
  const locked = ["package.json", "package-lock.json"];
  if (isMarked(INSTALLED_MARK, fingerprint(locked))) return;
  console.log("Installing packages …");
  // Not `npm ci`: it wants every optional binary of every platform in the lock file, and not every registry has them.
  const args = ["install", "--include=dev", "--no-audit", "--no-fund"];
  const done = spawnSync("npm", args, { stdio: ["ignore", "inherit", "inherit"] });
  if (done.status !== 0) {
    console.error("The packages could not be installed: see npm's message above.");
    process.exit(1);
  }
  mark(INSTALLED_MARK, fingerprint(locked));
}

/** Builds a script that runs beside the pages, apart from their bundle. */
async function buildScript(entry, outfile) {
  const { build } = await import("esbuild");
  await build({
    entryPoints: [entry],
    outfile,
    bundle: true,
    platform: "node",
    format: "esm",
    logLevel: "error",
    external: ["@libsql/client", "libsql", "@react-pdf/renderer", "react"],
    jsx: "automatic",
    // What is bundled may still ask for parts of Node by `require`.
    banner: {
      js: 'import { createRequire } from "node:module"; const require = createRequire(import.meta.url);',
    },
  });
}

/** The floor's service worker, as browsers ask for it. */
const FLOOR_WORKER = path.join(root, "public/floor-worker.js");

async function buildFloorWorker() {
  const { build } = await import("esbuild");
  await build({
    entryPoints: ["src/floor-worker/floor-worker.ts"],
    outfile: FLOOR_WORKER,
    bundle: true,
    minify: true,
    platform: "browser",
    format: "iife",
    target: "es2022",
    logLevel: "error",
    define: { "process.env.NODE_ENV": '"production"' },
  });
}

/** Builds the scripts of the server's threads. */
export async function buildThreads() {
  await buildScript("src/server/plans/plan-thread.ts", PLAN_THREAD);
  await buildScript("src/threads/work-thread.tsx", WORK_THREAD);
}

/** Builds the commands that deal with the database file, and runs one of them. Returns its exit code. */
export async function runDatabaseCommand(...args) {
  await buildScript("src/data/file/command.ts", DATABASE_COMMAND);
  return spawnSync(process.execPath, [DATABASE_COMMAND, ...args], { stdio: ["ignore", "inherit", "inherit"] })
    .status;
}

/** Makes the production build if a source has changed since the last one. Returns whether it is there. */
export async function build() {
  const print = fingerprint(SOURCES);
  const made = [".next/BUILD_ID", PLAN_THREAD, WORK_THREAD, DATABASE_COMMAND, FLOOR_WORKER];
  if (made.every(existsSync) && isMarked(BUILT_MARK, print)) return true;
  console.log("Building …");
  await buildFloorWorker();
  const done = spawnSync(tool("next"), ["build"], { stdio: ["ignore", "inherit", "inherit"] });
  if (done.status !== 0) return false;
  await buildThreads();
  await buildScript("src/data/file/command.ts", DATABASE_COMMAND);
  mark(BUILT_MARK, fingerprint(SOURCES));
  return true;
}

/** The first of these commands that is on the PATH, or null. */
export function findCommand(...names) {
  for (const name of names) {
    const found = spawnSync("sh", ["-c", `command -v ${name}`], { encoding: "utf8" });
    if (found.status === 0) return found.stdout.trim();
  }
  return null;
}

/** Runs a script of this project with tsx. */
export function runScript(file, ...args) {
  execFileSync(tool("tsx"), [file, ...args], { stdio: ["ignore", "inherit", "inherit"] });
}
