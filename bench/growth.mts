import { catalog } from "@/catalog";
import { type Problem, prove } from "@/core/choice";
import { type GroupRequest, planGroup } from "@/core/group";
import { type PlanRequest, planExactly, planWarmUp } from "@/core/plan";
import { finish } from "@/core/steps";
import { weight } from "@/core/units";
import { groups } from "@/demo/people";
import { firstChoices, ordinaryGym, planCases } from "./cases";
import { judge } from "./judge";
import { measure, spread } from "./measure";

/** How the time of a plan grows with drills, lifts and people, with HiGHS on the same choices beside it. */

const base = planCases().filter((r) => r.minutes === 20 && !r.lifts[0]!.lift.kind);
const sample = base.filter((_, i) => i % Math.ceil(base.length / 24) === 0);

async function line(name: string, cases: readonly PlanRequest[]): Promise<void> {
  const quick = measure(cases.map((c) => () => planWarmUp(c)));
  const exact = measure(
    cases.map((c) => () => finish(planExactly(c))),
    1,
  );
  const problems: Problem[] = cases.map((c) => firstChoices(c)[0]!.problem);
  const alone = measure(problems.map((p) => () => finish(prove(p))));
  const judged = [];
  for (const p of problems) judged.push((await judge(p)).milliseconds);
  const highs = spread(judged);
  const cell = (ms: number) => ms.toFixed(ms < 10 ? 1 : 0).padStart(7);
  console.log(
    `${name.padEnd(22)}${cell(quick.median)}${cell(quick.worst)}${cell(exact.median)}${cell(exact.worst)}${cell(alone.median)}${cell(highs.median)}`,
  );
}

console.log("One athlete, 20 minutes; milliseconds");
console.log("                       at once  worst   exact  worst   choice alone, HiGHS on the same");
for (const share of [0.25, 0.5, 0.75, 1]) {
  const drills = catalog.drills.filter((_, i) => Math.floor(i * share) !== Math.floor((i - 1) * share));
  await line(
    `${drills.length} drills`,
    sample.map((c) => ({ ...c, drills })),
  );
}
for (const lifts of [1, 2, 4, 6]) {
  const more = catalog.lifts.filter((l) => !l.kind).slice(0, lifts - 1);
  const cases = sample.map((c) => ({
    ...c,
    lifts: [c.lifts[0]!, ...more.map((lift) => ({ ...c.lifts[0]!, lift }))],
  }));
  await line(`${lifts} lifts`, cases);
}

const people = groups.flatMap((g) => g.athletes);
function groupOf(count: number, approach: string): GroupRequest {
  return {
    unit: "kg",
    minutes: 20,
    approach: catalog.approaches.find((a) => a.id === approach)!,
    room: "normal",
    equipment: null,
    own: [],
    dropped: [],
    drills: catalog.drills,
    counts: { rower: 3, bike: 2, stick: 6, kettlebell: 5, roller: 4, bench: 6, box: 4, "band-light": 8 },
    members: Array.from({ length: count }, (_, i) => {
      const { name, experience, limiters, areas } = people[i % people.length]!;
      return {
        id: String(i),
        name,
        athlete: { experience, limiters, areas: areas.map(([area, level]) => ({ area, level })) },
        lifts: [
          {
            lift: catalog.lifts[i % 3]!,
            kit: ordinaryGym,
            working: { weight: weight(60 + ((i * 10) % 100)), reps: 5, sets: 3, rir: 1 },
          },
        ],
      };
    }),
  };
}

console.log("\nA group, 20 minutes; milliseconds, median and worst over approaches");
for (const count of [4, 8, 14, 30, 60]) {
  const requests = catalog.approaches.map((a) => groupOf(count, a.id));
  const times = measure(requests.map((r) => () => planGroup(r)));
  console.log(
    `${`${count} people`.padEnd(22)}${times.median.toFixed(0).padStart(7)}${times.worst.toFixed(0).padStart(7)}`,
  );
}
