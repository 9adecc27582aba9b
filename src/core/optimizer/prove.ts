import { type Branch, holdTo, splitOf } from "./branching";
import { SAME } from "./constants";
import { optionsWorthKeeping } from "./fixing";
import type { Problem } from "./problem";
import { Relaxation } from "./relaxation";
import { search } from "./search";
import { isAllowed, objectiveOf } from "./selection";

/** How far a proof has come. */
export interface Progress {
  /** The best choice so far. */
  chosen: readonly number[];
  objective: number;
  /** No choice can reach more than this. */
  bound: number;
  /** Work done so far, in numbers of tables gone through. */
  work: number;
}

/** After so many pivots the table is set up anew, so that rounding cannot pile up. */
const FRESH_AFTER = 3000;
/** What a search counts for: about as long as so much work takes. */
const SEARCH_WORK = { brief: 1e5, full: 3e5 };
/** A search in full is worth its time where there is at least so much work to spend. */
const FULL_SEARCH_FROM = 5e5;
/** Progress is told each time about so much work has been done: some milliseconds. */
const TELL_EVERY = 1e6;

/** Options to choose from and the table of their relaxation. */
interface Relaxed {
  options: readonly number[];
  relaxation: Relaxation;
  /** No choice among these options can reach more. Points. */
  bound: number;
}

/**
 * Branch and bound (Land and Doig 1960) on the relaxation. Answers one problem over and over while its budget changes:
 * what has been worked out for one limit is where the answer for the next one begins; the same questions in the same
 * order get the same answers.
 */
export class Prover {
  /** The problem with the budget as it is now. */
  problem: Problem;
  private root: Relaxation | null = null;
  private readonly all: readonly number[];

  constructor(private readonly given: Problem) {
    this.problem = given;
    this.all = given.options.map((_, i) => i);
  }

  /** Changes the budget. */
  setBudget(most: number): void {
    this.problem = { ...this.given, limits: this.given.limits.with(this.given.budget, { most }) };
  }

  /**
   * The most that any choice could reach, by the linear relaxation. Points.
   *
   * @param enough what is certain to be below this may be any bound below it.
   */
  bound(enough?: number): number {
    return this.relaxed(enough).bound;
  }

  private relaxed(enough?: number): Relaxed {
    if (this.root === null || this.root.pivots > FRESH_AFTER)
      this.root = new Relaxation(this.given, this.all);
    const { given, problem, root } = this;
    holdTo(root, []);
    root.setMoreOfBudget(problem.limits[given.budget]!.most - given.limits[given.budget]!.most);
    return { options: this.all, relaxation: root, bound: root.solve(enough) };
  }

  /**
   * Finds the best choice and proves it, by branch and bound on the linear relaxation. What a single option can
   * no longer improve is left out for good on the way.
   *
   * @param start a choice to beat; one that breaks a rule is mended first.
   * @param beat only choices with a greater objective are of interest; if there is none the search ends at once.
   * @param mostWork stop after about so much work with the best choice so far and what is still open as its bound.
   * @returns yields how far it is from time to time, and returns the best choice with `bound` = `objective`.
   */
  *prove(
    start: readonly number[] = [],
    beat = Number.NEGATIVE_INFINITY,
    mostWork = Number.POSITIVE_INFINITY,
  ): Generator<Progress, Progress> {
    const { problem, all } = this;
    const workAtStart = this.root?.work ?? 0;
    // The root: its whole part, filled up and improved, is a good first choice.
    let { options, relaxation, bound } = this.relaxed();
    let workBefore = SEARCH_WORK.brief - workAtStart;
    const mended = isAllowed(problem, start) ? start : search(problem, start, all);
    let best = start.length > 0 ? mended.slice() : search(problem, wholeOf(relaxation), all);
    let objective = objectiveOf(problem, best);

    const improveFrom = (rough: readonly number[], depth: "brief" | "full" = "brief") => {
      workBefore += SEARCH_WORK[depth];
      improveWith(search(problem, rough, options, depth));
    };
    const improveWith = (found: readonly number[]) => {
      const value = objectiveOf(problem, found);
      if (value <= objective + SAME) return;
      objective = value;
      best = found.slice();
    };
    const takeUp = (kept: readonly number[]) => {
      options = kept;
      workBefore += relaxation.work;
      relaxation = new Relaxation(problem, options);
    };
    const workNow = () => workBefore + relaxation.work;

    if (bound <= beat + SAME) return { chosen: sorted(best), objective, bound, work: workNow() };
    if (start.length > 0 && bound > objective + SAME) improveFrom(wholeOf(relaxation));
    // Leave out for good what cannot be part of anything better.
    for (let shrunk = true; shrunk && bound > objective + SAME; ) {
      const kept = optionsWorthKeeping(relaxation, bound, objective);
      shrunk = kept.length < options.length * 0.8;
      if (shrunk) {
        takeUp(kept);
        bound = relaxation.solve();
      }
    }

    // Where another choice is to be beaten, branching finds out sooner whether this one can.
    const isFirst = beat === Number.NEGATIVE_INFINITY;
    if (isFirst && bound > objective + SAME && mostWork >= FULL_SEARCH_FROM) improveFrom(best, "full");

    const open: Branch[] = [{ fixed: [], bound }];
    let told = 0;
    let nodes = 0;
    const openBound = () => open.reduce((most, b) => Math.max(most, b.bound), objective);

    while (open.length > 0) {
      const branch = open.pop()!;
      if (branch.bound <= objective + SAME) continue;
      if (relaxation.pivots > FRESH_AFTER) takeUp(options);
      holdTo(relaxation, branch.fixed);
      const relaxed = relaxation.solve(objective + SAME);
      const reach = Math.min(branch.bound, relaxed);
      const work = workNow();
      if (work > mostWork) {
        return { chosen: sorted(best), objective, bound: Math.max(reach, openBound()), work };
      }
      if (work - told > TELL_EVERY) {
        told = work;
        yield { chosen: best, objective, bound: Math.max(reach, openBound()), work };
      }
      if (reach <= objective + SAME) continue;

      nodes += 1;
      if ((nodes & (nodes - 1)) === 0) improveFrom(wholeOf(relaxation));

      const split = splitOf(relaxation, relaxed, objective);
      if (split === "whole") {
        const chosen = wholeOf(relaxation);
        if (isAllowed(problem, chosen)) improveWith(chosen);
        continue;
      }
      const fixed = [...branch.fixed, ...split.certain];
      for (const { to, bound } of split.ways) {
        if (bound <= objective + SAME) continue;
        open.push({ fixed: [...fixed, { binary: split.binary, to }], bound: Math.min(bound, reach) });
      }
    }
    return { chosen: sorted(best), objective, bound: objective, work: workNow() };
  }
}

/** The best choice of a problem, proven; see `Prover.prove`. */
export function prove(problem: Problem): Generator<Progress, Progress> {
  return new Prover(problem).prove();
}

const sorted = (chosen: readonly number[]) => chosen.toSorted((a, b) => a - b);

/** The options that the relaxation chooses by more than half. */
function wholeOf(relaxation: Relaxation): number[] {
  return relaxation.binaries.flatMap((b) =>
    b.option !== null && relaxation.valueOf(b.variable) > 0.5 ? [b.option] : [],
  );
}
