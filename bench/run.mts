import { shippedCatalog as catalog } from "@/catalog";
import { planWarmUp } from "@/core/plan";
import { barKit, nearestLoadable } from "@/core/plates";
import { planRamp } from "@/core/ramp";
import { type Weight, weight } from "@/core/units";
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

/** As much as can be entered: plates that fit no others, of which millions of loads can be made. */
function oddRamps() {
  const sizes = [25003, 20007, 15011, 12013, 10017, 7019, 5021, 2503, 1251, 757, 503, 251];
  const kinds = sizes.map((grams) => ({ weight: grams as Weight, pairs: 20, fullDiameter: grams > 10000 }));
  const kit = barKit(weight(20), 0 as Weight, kinds);
  const lift = catalog.lifts.find((l) => l.id === "back-squat")!;
  return [150.2, 300.61, 499.3, 999.122].map((kg) => () => {
    const working = { weight: weight(kg), reps: 5, sets: 4, rir: 1 };
    const closest = nearestLoadable(kit, working.weight, false).lower!;
    planRamp({
      ...{ unit: "kg", lift, working: { ...working, weight: closest }, kit, style: "closing-steps" },
      ...{ experience: "intermediate", slowToWarm: 0, similarDone: 0, room: "normal" },
    });
  });
}

console.log(`${"".padEnd(44)}     median        95 %      worst`);
console.log(formatTimes("One ramp, 8 plate sizes (target 5 ms)", measure(ramps(ordinaryGym))));
console.log(formatTimes("One ramp, 11 plate sizes × 8 pairs (50 ms)", measure(ramps(richGym))));
console.log(formatTimes("One ramp, 12 odd plate sizes × 20 pairs (2 s)", measure(oddRamps())));
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
