import { SAME, WHOLE } from "./constants";
import type { Relaxation } from "./relaxation";

/** A binary variable held at one of its two values. */
interface Fixed {
  /** Its place among the relaxation's binaries. */
  binary: number;
  to: 0 | 1;
}

/** A part of all choices: those in which some binaries have the values it says. */
export interface Branch {
  fixed: readonly Fixed[];
  /** No choice in it can reach more. Points. */
  bound: number;
}

/** How a branch is divided in two. */
interface Split {
  binary: number;
  /** The two ways, the more promising last. */
  ways: { to: 0 | 1; bound: number }[];
  /** What is certain in this branch, since the other way cannot be better than what is known. */
  certain: Fixed[];
}

/** Sets the bounds of all binaries to those of a branch. */
export function holdTo(relaxation: Relaxation, fixed: readonly Fixed[]): void {
  const wanted = new Map(fixed.map((f) => [f.binary, f.to]));
  relaxation.binaries.forEach(({ variable }, i) => {
    const to = wanted.get(i);
    const lower = to ?? 0;
    const upper = to ?? 1;
    if (relaxation.lowerOf(variable) !== lower || relaxation.upperOf(variable) !== upper) {
      relaxation.setBounds(variable, lower, upper);
    }
  });
}

/**
 * Divides a branch at the binary whose rounding costs the bound most, families before the options in them.
 *
 * @param relaxed what the relaxation reaches in this branch. Points.
 * @param objective what the best choice so far reaches. Points.
 * @returns "whole" where the relaxation chooses every option whole or not at all.
 */
export function splitOf(relaxation: Relaxation, relaxed: number, objective: number): Split | "whole" {
  let best: Split | null = null;
  let bestScore = -1;
  const certain: Split["certain"] = [];
  relaxation.binaries.forEach(({ variable, option }, i) => {
    const value = relaxation.valueOf(variable);
    if (relaxation.lowerOf(variable) === relaxation.upperOf(variable)) return;
    if (value < WHOLE || value > 1 - WHOLE) {
      if (
        relaxed - relaxation.reducedCost(variable) <= objective + SAME &&
        relaxation.reducedCost(variable) > 0
      ) {
        certain.push({ binary: i, to: value < 0.5 ? 0 : 1 });
      }
      return;
    }
    const { down, up } = relaxation.roundingPenalty(variable);
    const score = Math.max(Math.min(down, up), 1e-9) * Math.max(down, up, 1e-9) * (option === null ? 4 : 1);
    if (score <= bestScore) return;
    bestScore = score;
    const ways: Split["ways"] = [
      { to: 0, bound: relaxed - down },
      { to: 1, bound: relaxed - up },
    ];
    best = { binary: i, ways: down < up ? ways.toReversed() : ways, certain };
  });
  return best ?? "whole";
}
