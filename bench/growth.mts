import { shippedCatalog as catalog } from "@/catalog";
import { type Problem, prove } from "@/core/optimizer";
import { type PlanRequest, planExactly, planWarmUp } from "@/core/plan";
import { drain } from "@/lib/drain";
import { firstChoices, planCases } from "./cases";
import { judge } from "./judge";
import { measure, spread } from "./measure";

/** How the time of a plan grows with drills and lifts, with HiGHS on the same choices beside it. */

const base = planCases().filter((r) => r.minutes === 20 && !r.lifts[0]!.lift.kind);
const sample = base.filter((_, i) => i % Math.ceil(base.length / 24) === 0);

async function line(name: string, cases: readonly PlanRequest[]): Promise<void> {
  const quick = measure(cases.map((c) => () => planWarmUp(c)));
  const exact = measure(
    cases.map((c) => () => drain(planExactly(c))),
    1,
  );
  const problems: Problem[] = cases.map((c) => firstChoices(c)[0]!.problem);
  const alone = measure(problems.map((p) => () => drain(prove(p))));
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
