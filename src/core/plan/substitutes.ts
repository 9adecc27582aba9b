import type { Drill, DrillId } from "../catalog";
import { DEMANDS, type DemandId } from "../demands";
import type { Candidate } from "../drills";
import { Selection } from "../optimizer";
import type { Plan } from "./types";

/** A drill that could stand in for another one. */
export interface Substitute {
  drill: Drill;
  relation: "easier" | "harder" | "alternative";
  /** Work and rests at the dose that suits best. */
  seconds: number;
  /** What the objective would lose (negative) or gain. */
  change: number;
  /** Why it was not chosen, in a few words. */
  lost: string;
}

const MOST_SHOWN = 6;

function relationOf(drill: Drill, other: Drill): Substitute["relation"] {
  if (drill.easier === other.id || other.harder === drill.id) return "easier";
  return drill.harder === other.id || other.easier === drill.id ? "harder" : "alternative";
}

/**
 * What could replace a drill of the plan for this athlete and session, best first: drills that may be chosen
 * today, are not in the plan, and are related to it or serve one of the demands it is there for.
 */
export function substitutesFor(plan: Plan, id: DrillId): Substitute[] {
  const choice = plan.blocks.map((b) => b.choice).find((c) => c.chosen.some((o) => o.drill.id === id));
  if (!choice) return [];
  const { model, chosen } = choice;
  const replaced = chosen.find((c) => c.drill.id === id)!;
  const rest = chosen.filter((c) => c !== replaced);
  const selection = new Selection(model.problem);
  for (const c of rest) selection.add(model.candidates.indexOf(c));
  const lost = selection.gain(model.candidates.indexOf(replaced));
  const weights = model.demands.map((d) => d.weight);
  const similar = bestStandIns((overlap, related) => overlap > 0 || related);
  // Where nothing does the same job, whatever else of the phase would serve the session.
  const found = similar.length > 0 ? similar : bestStandIns(() => true);
  return found
    .sort((a, b) => b.change - a.change || (a.candidate.drill.id < b.candidate.drill.id ? -1 : 1))
    .slice(0, MOST_SHOWN)
    .map(({ candidate, change }) => ({
      drill: candidate.drill,
      relation: relationOf(replaced.drill, candidate.drill),
      seconds: candidate.workSeconds,
      change,
      lost: whyLost(candidate, replaced, change, weights, (i) => model.demands[i]!.demand),
    }));

  /** Each drill that could stand in, at the dose that suits best. */
  function bestStandIns(suits: (overlap: number, isRelated: boolean) => boolean) {
    const best = new Map<DrillId, { candidate: Candidate; change: number }>();
    for (const [index, candidate] of model.candidates.entries()) {
      if (chosen.some((c) => c.drill.id === candidate.drill.id)) continue;
      if (rest.some((c) => c.family === candidate.family)) continue;
      const overlap = overlapOf(candidate, replaced, weights);
      const related =
        relationOf(replaced.drill, candidate.drill) !== "alternative" ||
        replaced.drill.substitutes.includes(candidate.drill.id);
      if (!suits(overlap, related)) continue;
      const change = selection.gain(index) - lost;
      const known = best.get(candidate.drill.id);
      if (!known || change > known.change) best.set(candidate.drill.id, { candidate, change });
    }
    return [...best.values()];
  }
}
/** How much of what a drill serves of today's demands another serves too. */
function overlapOf(candidate: Candidate, replaced: Candidate, weights: readonly number[]): number {
  return candidate.serves.reduce((sum, s) => {
    const other = replaced.serves.find((r) => r.demand === s.demand);
    return sum + (other ? Math.min(s.served, other.served) * weights[s.demand]! : 0);
  }, 0);
}

/** A difference in points that nobody would notice. */
const AS_GOOD = 0.15;
/** A difference in length that is worth a word. Seconds. */
const LONGER = 10;

/** Why a drill lost against the one that was chosen: what it serves less of, or what it takes more of. */
function whyLost(
  candidate: Candidate,
  chosen: Candidate,
  change: number,
  weights: readonly number[],
  demandOf: (index: number) => DemandId,
): string {
  if (change > -AS_GOOD) return change > AS_GOOD ? "takes time from other drills" : "as good";
  const servedBy = (c: Candidate, demand: number) => c.serves.find((s) => s.demand === demand)?.served ?? 0;
  let most = 0;
  let missed: number | null = null;
  for (const { demand, served } of chosen.serves) {
    const less = (served - servedBy(candidate, demand)) * weights[demand]!;
    if (less > most) {
      most = less;
      missed = demand;
    }
  }
  const longer = candidate.seconds - chosen.seconds;
  if (missed !== null) {
    const name = DEMANDS[demandOf(missed)].name.toLowerCase();
    return servedBy(candidate, missed) === 0 ? `no ${name}` : `less ${name}`;
  }
  if (longer > LONGER) return `${Math.round(longer)} s longer`;
  return "more of what other drills already cover";
}
