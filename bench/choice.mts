import { quickly } from "@/core/drills";
import { type Problem, Prover, prove } from "@/core/optimizer";
import { type Plan, type PlanRequest, planExactly, planWarmUp } from "@/core/plan";
import { drain } from "@/lib/drain";
import { firstChoices, planCases } from "./cases";
import { judge } from "./judge";
import { formatTimes, spread } from "./measure";

const WANTED = 220;
const all = planCases();
const step = Math.max(1, Math.floor(all.length / Number(process.argv[2] ?? WANTED)));
const cases = all.filter((_, i) => i % step === 0);

function timed<T>(run: () => T): { value: T; ms: number } {
  const start = performance.now();
  const value = run();
  return { value, ms: performance.now() - start };
}

/** The best over the numbers of rounds that a circuit may go. */
const bestOf = (objectives: readonly number[]) => Math.max(...objectives);
const nameOf = (r: PlanRequest) => `${r.lifts[0]!.lift.id}, ${r.approach.id}, ${r.minutes} min`;

for (const request of cases) planWarmUp(request);
const plans = cases.map((request) => ({
  quick: timed(() => planWarmUp(request)),
  exact: timed(() => drain(planExactly(request))),
}));

const quality: number[] = [];
const planQuality: number[] = [];
const highsTimes: number[] = [];
let off = 0;
for (const [i, request] of cases.entries()) {
  const { quick, exact } = plans[i]!;
  const problems: Problem[] = firstChoices(request).map((m) => m.problem);
  const chooser = quickly();
  const immediate = bestOf(problems.map((p) => drain(chooser.choose(new Prover(p))).objective));
  const proven = bestOf(problems.map((p) => drain(prove(p)).objective));
  const judged = [];
  for (const problem of problems) judged.push(await judge(problem));
  const best = bestOf(judged.map((j) => j.objective));
  const atNothing = bestOf(problems.map((p) => p.atNothing));
  const gain = best - atNothing;
  off = Math.max(off, Math.abs(proven - best) / Math.max(1, gain));
  quality.push(gain < 1e-6 ? 1 : (immediate - atNothing) / gain);
  if (quality.at(-1)! < 0.99) console.log(`  ${(quality.at(-1)! * 100).toFixed(1)} %: ${nameOf(request)}`);

  const reached = (p: Plan) => p.blocks[0].choice.objective - atNothing;
  planQuality.push(reached(exact.value) < 1e-6 ? 1 : reached(quick.value) / reached(exact.value));
  highsTimes.push(judged.reduce((sum, j) => sum + j.milliseconds, 0));
}

const share = (values: readonly number[], from: number) =>
  `${((100 * values.filter((v) => v >= from).length) / values.length).toFixed(1)} %`;
console.log(`${cases.length} cases: lifts × approaches × minutes, with limiters, areas and rooms`);
console.log(`exact choice against HiGHS: furthest apart ${(off * 100).toFixed(5)} %`);
console.log(
  `immediate choice: at least 99 % of the exact quality in ${share(quality, 0.99)} of the cases, worst ${(Math.min(...quality) * 100).toFixed(2)} %`,
);
console.log(
  `immediate plan, laid out in time: at least 99 % of the exact plan in ${share(planQuality, 0.99)}, worst ${(Math.min(...planQuality) * 100).toFixed(2)} %`,
);
console.log(formatTimes("Immediate plan", spread(plans.map((p) => p.quick.ms))));
console.log(formatTimes("Exact plan", spread(plans.map((p) => p.exact.ms))));
console.log(formatTimes("HiGHS alone, first choice", spread(highsTimes)));
