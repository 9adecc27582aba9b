import { shippedCatalog as catalog } from "@/catalog";
import { planWarmUp } from "@/core/plan";
import { planRamp } from "@/core/ramp";
import { weight } from "@/core/units";
import { ordinaryGym, planCases, richGym, WORKING } from "./cases";
import { formatTimes, measure } from "./measure";

function ramps(kit: typeof ordinaryGym) {
  return catalog.lifts.flatMap((lift) =>
    WORKING.map(
      ([kg, reps]) =>
        () =>
          planRamp({
            unit: "kg",
            lift,
            working: { weight: weight(kg), reps, sets: 4, rir: 1 },
            kit,
            style: "closing-steps",
            experience: "intermediate",
            slowToWarm: 0,
            similarDone: 0,
            room: "normal",
          }),
    ),
  );
}

console.log(`${"".padEnd(44)}     median        95 %      worst`);
console.log(formatTimes("One ramp, 8 plate sizes (target 5 ms)", measure(ramps(ordinaryGym))));
console.log(formatTimes("One ramp, 11 plate sizes × 8 pairs (50 ms)", measure(ramps(richGym))));
const all = ramps(ordinaryGym);
const GROUP = { people: 60, lifts: 3 };
console.log(
  formatTimes(
    `${GROUP.people} athletes × ${GROUP.lifts} lifts (target 1 s)`,
    measure([
      () => {
        for (let i = 0; i < GROUP.people * GROUP.lifts; i++) all[(i * 7) % all.length]!();
      },
    ]),
  ),
);
const plans = planCases().filter((request) => request.minutes === 20);
console.log(
  formatTimes(
    `One plan, ${catalog.drills.length} drills, 20 min (target 20 ms)`,
    measure(plans.map((request) => () => planWarmUp(request))),
  ),
);
