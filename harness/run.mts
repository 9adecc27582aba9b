import { badRequests } from "./bad-requests";
import { commandsBeside } from "./beside";
import { floorKills } from "./floor-kills";
import { fullDisk } from "./full-disk";
import { kills } from "./kills";
import { remoteWriters } from "./remote";
import { soak } from "./soak";
import { writers } from "./writers";

/** In short nothing is measured: an answer that takes so long hangs. Milliseconds. */
const HANGS_MS = 20_000;

/** What is promised of the data (docs/reliability.md), tried on servers as they run; `--short` in a minute. */
const isShort = process.argv.includes("--short");

const TRIALS: readonly [string, () => Promise<string | null>][] = isShort
  ? [
      ["6 writers, one server", () => writers(1, 6, 2)],
      ["4 writers, two servers on one file", () => writers(2, 4, 2)],
      ["4 writers, two servers on a database elsewhere", () => remoteWriters(4, 2, 0.01)],
      ["6 commands beside writers", () => commandsBeside(6)],
      ["3 kills while writing", () => kills(3)],
      ["3 kills while a session runs", () => floorKills(3)],
      ["no room to write", fullDisk],
      ["250 bad requests", () => badRequests(250, HANGS_MS, Number.POSITIVE_INFINITY)],
    ]
  : [
      ["20 writers, one server", () => writers(1, 20, 8)],
      ["20 writers, two servers on one file", () => writers(2, 20, 8)],
      [
        "12 writers, two servers on a database elsewhere that loses connections",
        () => remoteWriters(12, 8, 0.03),
      ],
      ["150 commands beside writers", () => commandsBeside(150)],
      ["200 kills while writing", () => kills(200)],
      ["500 kills while a session runs", () => floorKills(500)],
      ["no room to write", fullDisk],
      ["a week, a hundred times as fast: 20 tablets, 60 athletes, 6 sessions a day", soak],
      ["20,000 bad requests", () => badRequests(20_000, 2000, 400)],
    ];

let failed = 0;
for (const [name, trial] of TRIALS) {
  const from = performance.now();
  const fault = await trial().catch((error: unknown) => String(error));
  const seconds = ((performance.now() - from) / 1000).toFixed(0);
  console.log(
    `${fault === null ? "ok    " : "FAILED"} ${name} (${seconds} s)${fault === null ? "" : `: ${fault}`}`,
  );
  if (fault !== null) failed += 1;
}
process.exit(failed === 0 ? 0 : 1);
