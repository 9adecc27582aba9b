import type { Goal, Option, Problem, Term } from "../optimizer";
import type { GroupModel } from "./group-model";

/** The choice of shared drills alone, its budget the time for them, and which options of the group's problem its options are. */
export interface CommonProblem {
  problem: Problem;
  optionOf: readonly number[];
}

/**
 * The choice of what all do together, as if the group were one athlete who is worth the sum of its members: small
 * enough to be solved well at once. Exact but for members who do something else in a drill's place.
 *
 * @param seconds the time for shared drills.
 */
export function commonProblem(
  { members, options, problem, subjects }: GroupModel,
  seconds: number,
): CommonProblem {
  const people = members.length;
  const subjectList = [...new Set(subjects.filter((s) => s !== null))];
  const subjectIndex = new Map(subjectList.map((s, i) => [s, i]));
  const ofGroup = subjects.flatMap((s, g) => (s === null ? [g] : []));
  const groupIndex = new Map(ofGroup.map((g, i) => [g, subjectList.length + i]));
  const goals: Goal[] = [
    ...subjectList.map((subject) => summed(problem.goals.filter((_, g) => subjects[g] === subject))),
    ...ofGroup.map((g) => problem.goals[g]!),
  ];
  const time = problem.limits.length;
  const limits = [...problem.limits, { most: seconds }];

  const optionOf: number[] = [];
  const common: Option[] = [];
  options.forEach((o, i) => {
    if (o.kind !== "shared") return;
    const { cost, gives, uses, prerequisites } = problem.options[i]!;
    const amounts = new Map<number, number>();
    for (const { index, amount } of gives) {
      const subject = subjects[index]!;
      const to = subject === null ? groupIndex.get(index)! : subjectIndex.get(subject)!;
      amounts.set(to, (amounts.get(to) ?? 0) + (subject === null ? amount : amount / people));
    }
    const took: Term = { index: time, amount: o.turns * o.candidate.seconds };
    optionOf.push(i);
    common.push({
      cost,
      gives: [...amounts].map(([index, amount]) => ({ index, amount })),
      uses: [...uses, took],
      prerequisites,
    });
  });
  const placeOf = new Map(optionOf.map((o, i) => [o, i]));
  const withPrerequisites = common.map((o) => ({
    ...o,
    prerequisites: o.prerequisites?.map((p) => placeOf.get(p)!) ?? null,
  }));
  // What the coach wants for one member alone is no matter of all.
  const required = problem.required
    .filter((list) => list.every((o) => placeOf.has(o)))
    .map((list) => list.map((o) => placeOf.get(o)!));
  return {
    problem: { ...problem, options: withPrerequisites, goals, limits, budget: time, required },
    optionOf,
  };
}

/** One goal that is worth what several are worth together when each is met as much. */
function summed(goals: readonly Goal[]): Goal {
  const ends = [...new Set(goals.flatMap((g) => g.pieces.map((p) => p.upTo)))].sort((a, b) => a - b);
  const slopeAt = (goal: Goal, upTo: number) => goal.pieces.find((p) => upTo <= p.upTo)?.slope ?? 0;
  return {
    pieces: ends.map((upTo) => ({ upTo, slope: goals.reduce((sum, g) => sum + slopeAt(g, upTo), 0) })),
  };
}
