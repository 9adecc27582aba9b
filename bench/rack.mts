import { shippedCatalog as catalog } from "@/catalog";
import { type Lifter, lifterOf, SECONDS_PER_MOVE, shareBar, splitGroup } from "@/core/rack";
import { planRamp } from "@/core/ramp";
import { weight } from "@/core/units";
import { richGym } from "./cases";
import { formatTimes, spread } from "./measure";

/** How long the best running order of a shared bar takes to prove, and what it saves against plain turns. */

const MOVE = SECONDS_PER_MOVE[1];
const LIFTS = ["back-squat", "bench-press", "deadlift", "front-squat"];
const MOST_SETS = 7;

function lifter(lift: string, kg: number, reps: number, rampSets: number): Lifter {
  const { sets } = planRamp({
    unit: "kg",
    lift: catalog.lifts.find((l) => l.id === lift)!,
    working: { weight: weight(kg), reps, sets: 4, rir: 1 },
    kit: richGym,
    style: "closing-steps",
    experience: "intermediate",
    slowToWarm: 0,
    similarDone: 0,
    room: "normal",
    rampSets,
  });
  return lifterOf(`${kg}`, "rack", { sets });
}

for (const [people, sets] of [
  [2, 7],
  [3, 7],
  [4, 5],
  [4, 6],
  [4, MOST_SETS],
] as const) {
  const times: number[] = [];
  const savings: number[] = [];
  let proven = 0;
  for (let i = 0; i < Number(process.argv[2] ?? 12); i++) {
    const roster = Array.from({ length: people }, (_, p) =>
      lifter(LIFTS[i % LIFTS.length]!, 70 + ((i * 17 + p * 35) % 110), [5, 3, 5, 8][(i + p) % 4]!, sets),
    );
    const start = performance.now();
    const { best, turns, isProven } = shareBar(roster, MOVE);
    times.push(performance.now() - start);
    savings.push(1 - best.seconds / turns.seconds);
    proven += Number(isProven);
  }
  const mean = savings.reduce((a, b) => a + b) / savings.length;
  console.log(
    `${formatTimes(`${people} lifters × ${sets} sets on one bar`, spread(times))}   ${proven} of ${times.length} proven, ${(100 * mean).toFixed(1)} % sooner ready than in plain turns`,
  );
}

for (const [people, racks] of [
  [12, 4],
  [30, 8],
  [60, 16],
] as const) {
  const roster = Array.from({ length: people }, (_, p) =>
    lifter(LIFTS[0]!, 50 + ((p * 37) % 150), [5, 3, 5, 8][p % 4]!, 3 + (p % 3)),
  );
  const start = performance.now();
  const split = splitGroup(roster, racks, MOVE)!;
  const apart = performance.now() - start;
  const seconds = split.map(
    (own) =>
      shareBar(
        own.map((i) => roster[i]!),
        MOVE,
      ).best.seconds,
  );
  console.log(
    `${people} people over ${racks} racks: split in ${apart.toFixed(0)} ms, ordered and proven in ${(performance.now() - start).toFixed(0)} ms; slowest rack ready after ${Math.max(...seconds)} s, quickest after ${Math.min(...seconds)} s`,
  );
}
