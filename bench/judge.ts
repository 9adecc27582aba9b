import highsLoader from "highs";
import type { Problem } from "@/core/optimizer";

/** A problem in the CPLEX LP format that HiGHS reads; `relaxed` lets options be chosen in part. */
export function lpOf(problem: Problem, relaxed = false): string {
  const term = (amount: number, name: string) => `${amount < 0 ? "-" : "+"} ${Math.abs(amount)} ${name}`;
  const objective: string[] = [];
  const bounds: string[] = [];
  const given = problem.goals.map((): string[] => []);
  const used = problem.limits.map((): string[] => []);
  problem.options.forEach((o, i) => {
    if (o.cost !== 0) objective.push(term(-o.cost, `y${i}`));
    for (const g of o.gives) given[g.index]!.push(term(g.amount, `y${i}`));
    for (const u of o.uses) used[u.index]!.push(term(u.amount, `y${i}`));
    bounds.push(`0 <= y${i} <= 1`);
  });
  const rows: string[] = [];
  problem.goals.forEach((goal, g) => {
    let from = 0;
    const parts = goal.pieces.map(({ upTo, slope }, p) => {
      if (slope !== 0) objective.push(term(slope, `g${g}_${p}`));
      bounds.push(`0 <= g${g}_${p} <= ${upTo - from}`);
      from = upTo;
      return term(-1, `g${g}_${p}`);
    });
    rows.push(`goal${g}: ${[...given[g]!, ...parts].join(" ")} >= 0`);
  });
  used.forEach((terms, l) => {
    if (terms.length > 0) rows.push(`limit${l}: ${terms.join(" ")} <= ${problem.limits[l]!.most}`);
  });
  problem.options.forEach((o, i) => {
    if (!o.prerequisites) return;
    const prerequisites = o.prerequisites.map((p) => term(1, `y${p}`)).join(" ");
    rows.push(`prerequisite${i}: ${prerequisites} - 1 y${i} >= 0`);
  });
  problem.required.forEach((list, r) => {
    rows.push(`required${r}: ${list.map((i) => term(1, `y${i}`)).join(" ")} = 1`);
  });
  const binaries = relaxed ? "" : `Binary\n ${problem.options.map((_, i) => `y${i}`).join("\n ")}\n`;
  return `Maximize\n obj: ${objective.join("\n  ")}\nSubject To\n ${rows.join("\n ")}\nBounds\n ${bounds.join("\n ")}\n${binaries}End\n`;
}

export interface Judgement {
  objective: number;
  chosen: number[];
  milliseconds: number;
}

let loaded: ReturnType<typeof highsLoader> | undefined;

/** The best choice as HiGHS finds it. */
export async function judge(problem: Problem, relaxed = false): Promise<Judgement> {
  // A failed run leaves the WebAssembly instance in a state that later runs inherit, so it is loaded anew then.
  loaded ??= highsLoader();
  const highs = await loaded;
  const lp = lpOf(problem, relaxed);
  const start = performance.now();
  const solution = highs.solve(lp, { mip_rel_gap: 1e-7, mip_abs_gap: 1e-7, output_flag: false });
  if (solution.Status !== "Optimal") throw new Error(`HiGHS: ${solution.Status}`);
  const chosen = problem.options.flatMap((_, i) => {
    const column = solution.Columns[`y${i}`];
    return column && "Primal" in column && column.Primal > 0.5 ? [i] : [];
  });
  return {
    objective: problem.atNothing + solution.ObjectiveValue,
    chosen,
    milliseconds: performance.now() - start,
  };
}
