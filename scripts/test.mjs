import { spawnSync } from "node:child_process";
import { mkdirSync, readFileSync, rmSync } from "node:fs";
import { build, findCommand, install, tool } from "./prepare.mjs";

/**
 * Everything that has to hold, from a fresh clone: formatting and lint, types, import rules, unit tests, the
 * production build and the interface tests against it. Ends with a line `N passed, N failed`.
 */
let passed = 0;
let failed = 0;

function count(name, ok) {
  if (ok) passed += 1;
  else failed += 1;
  console.log(`${ok ? "ok    " : "FAILED"} ${name}`);
}

function run(command, args, env = {}) {
  const options = { stdio: ["ignore", "inherit", "inherit"], env: { ...process.env, ...env } };
  return spawnSync(command, args, options).status === 0;
}

/** Debian's Chromium; only root has it installed, anybody else is told how to. */
function chromium() {
  const there = () => findCommand("chromium", "chromium-browser", "google-chrome");
  if (there() || process.getuid?.() !== 0 || !findCommand("apt-get")) return there();
  console.log("Installing chromium …");
  const apt = (...args) => run("apt-get", args, { DEBIAN_FRONTEND: "noninteractive" });
  return apt("update", "-qq") && apt("install", "-y", "-qq", "chromium") ? there() : null;
}

function readReport(file) {
  try {
    return JSON.parse(readFileSync(file, "utf8"));
  } catch {
    return null;
  }
}

function unitTests() {
  const report = "test-results/unit.json";
  const ok = run(tool("jest"), ["--json", `--outputFile=${report}`, "--reporters=default"]);
  const result = readReport(report);
  if (!result) return count("unit tests", false);
  passed += result.numPassedTests;
  failed += result.numFailedTests + result.numRuntimeErrorTestSuites;
  if (!ok && result.numFailedTests + result.numRuntimeErrorTestSuites === 0) count("unit tests", false);
}

function interfaceTests(browser) {
  const report = "test-results/interface.json";
  const ok = run(tool("playwright"), ["test", "--reporter=list,json"], {
    PLAYWRIGHT_JSON_OUTPUT_NAME: report,
    CHROMIUM: browser,
  });
  const stats = readReport(report)?.stats;
  if (!stats) return count("interface tests", false);
  passed += stats.expected;
  failed += stats.unexpected + stats.flaky;
  if (!ok && stats.unexpected + stats.flaky === 0) count("interface tests", false);
}

install();
rmSync("test-results", { recursive: true, force: true });
mkdirSync("test-results");
count("formatting and lint", run(tool("biome"), ["ci", "."]));
count("import rules", run(tool("depcruise"), ["src", "e2e", "bench", "harness", "scripts", "--config"]));
count("route types", run(tool("next"), ["typegen"]));
count("types", run(tool("tsc"), ["--noEmit"]));

unitTests();
const built = await build();
count("production build", built);
if (built) count("what is promised of the data, in short", run(tool("tsx"), ["harness/run.mts", "--short"]));
const browser = chromium();
if (!browser) console.log("The interface tests need Chromium. Install it: sudo apt-get install chromium");
if (built && browser) interfaceTests(browser);
else count("interface tests", false);

console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
