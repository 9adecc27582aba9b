import type { Problem } from "./problem";

type Term = [column: number, amount: number];

/** One row of the relaxation: the sum of its terms and of its slack, which is 0 to `slackMost`, is `most`. */
export interface Row {
  terms: Term[];
  most: number;
  slackMost: number;
}

/** A piece of a goal's worth: so much of it, each worth so many points. */
export interface Piece {
  goal: number;
  most: number;
  slope: number;
}

/**
 * The rows of a choice with the options that are left: columns are the options, then the pieces of the goals.
 *
 * @returns besides them the goals that no option gives anything to, the rows of families (limits of one) and the row
 *   of the budget, −1 where it has none.
 */
export function relaxationRows(
  problem: Problem,
  options: readonly number[],
): {
  rows: Row[];
  pieces: Piece[];
  emptyGoals: ReadonlySet<number>;
  familyRows: readonly number[];
  budgetRow: number;
} {
  const { goals, limits } = problem;
  const columnOf = new Map(options.map((o, j) => [o, j]));
  const pieces = goals.flatMap((goal, g) => {
    let from = 0;
    return goal.pieces.map(({ upTo, slope }) => {
      const piece = { goal: g, most: upTo - from, slope };
      from = upTo;
      return piece;
    });
  });
  const rows: Row[] = [];
  const goalRows = goals.map((): Row => ({ terms: [], most: 0, slackMost: Number.POSITIVE_INFINITY }));
  const limitRows = limits.map(({ most }): Row => ({ terms: [], most, slackMost: Number.POSITIVE_INFINITY }));
  options.forEach((o, j) => {
    for (const { index, amount } of problem.options[o]!.gives) goalRows[index]!.terms.push([j, -amount]);
    for (const { index, amount } of problem.options[o]!.uses) limitRows[index]!.terms.push([j, amount]);
  });
  pieces.forEach((p, k) => {
    goalRows[p.goal]!.terms.push([options.length + k, 1]);
  });
  rows.push(...goalRows.filter((row, g) => row.terms.length > goals[g]!.pieces.length));
  const emptyGoals = new Set(
    goals.flatMap((goal, g) => (goalRows[g]!.terms.length > goal.pieces.length ? [] : [g])),
  );
  const familyRows: number[] = [];
  let budgetRow = -1;
  for (const [l, row] of limitRows.entries()) {
    if (l === problem.budget && row.terms.length > 0 && Number.isFinite(row.most)) budgetRow = rows.length;
    else if (row.terms.reduce((sum, [, a]) => sum + a, 0) <= row.most) continue;
    if (row.most === 1 && row.terms.every(([, a]) => a === 1)) {
      row.slackMost = 1;
      familyRows.push(rows.length);
    }
    rows.push(row);
  }
  for (const row of prerequisiteRows(problem, options, columnOf)) rows.push(row);
  for (const list of problem.required) {
    const terms = list.flatMap((o) => (columnOf.has(o) ? [[columnOf.get(o)!, 1] as Term] : []));
    rows.push({ terms, most: 1, slackMost: 0 });
  }
  return { rows, pieces, emptyGoals, familyRows, budgetRow };
}

/** Rows that keep options from being chosen without a prerequisite; options of one family share one. */
function prerequisiteRows(
  problem: Problem,
  options: readonly number[],
  columnOf: ReadonlyMap<number, number>,
): Row[] {
  const groups = new Map<string, { options: number[]; prerequisites: readonly number[] }>();
  for (const o of options) {
    const { prerequisites, uses } = problem.options[o]!;
    if (!prerequisites) continue;
    const family = uses.findLast((u) => u.amount === 1 && problem.limits[u.index]!.most === 1);
    const key = family ? `${family.index} ${prerequisites.join()}` : `alone ${o}`;
    const group = groups.get(key) ?? { options: [], prerequisites };
    group.options.push(o);
    groups.set(key, group);
  }
  return [...groups.values()].map((group) => ({
    terms: [
      ...group.options.map((o) => [columnOf.get(o)!, 1] as Term),
      ...group.prerequisites.flatMap((p) => (columnOf.has(p) ? [[columnOf.get(p)!, -1] as Term] : [])),
    ],
    most: 0,
    slackMost: Number.POSITIVE_INFINITY,
  }));
}
