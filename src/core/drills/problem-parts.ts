import { type Approach, isMeant, type Phase, type PhaseRule, type Plane } from "../catalog";
import type { Goal, Option, Problem, Term } from "../optimizer";
import type { AskedDemand } from "./asked-demands";
import type { Candidate } from "./candidate";
import {
  DRILL_COST,
  HARD_EFFORT,
  MATTERS_FROM,
  MISSING_PLANE_COST,
  MISSING_SLOT_COST,
  MOST_HARD_SECONDS,
  MOST_POWER_DRILLS,
  SECOND_COST,
  SHORTFALL_COST,
  SHORTFALL_SERVED,
  WORTH,
} from "./constants";

/** Pieces of what serving a demand is worth: less and less, and most of all what ends a shortfall. */
export function worthOfServing(weight: number): Goal["pieces"] {
  const shortfall = shortfallOf(weight) / SHORTFALL_SERVED;
  const pieces = WORTH.map(({ upTo, share }) => ({ upTo, slope: (share * weight) / 3 }));
  if (shortfall === 0) return pieces;
  return [{ upTo: SHORTFALL_SERVED, slope: pieces[0]!.slope + shortfall }, ...pieces];
}

/** What the objective is short of when a demand of this weight is not served at all. Points. */
function shortfallOf(weight: number): number {
  return weight >= MATTERS_FROM ? SHORTFALL_COST * weight : 0;
}

/** What a candidate costs besides its time, less what the approach likes about it. Points. */
export function costOf({ drill, rounds }: Candidate, seconds: number, approach: Approach): number {
  const { favours, circuit } = approach;
  const favoured = favours.reduce((sum, f) => sum + (isMeant(drill, f.drills) ? f.points : 0), 0);
  const circled = circuit ? circuit.roundPoints * (rounds - 1) : 0;
  return DRILL_COST + SECOND_COST * seconds - favoured - circled;
}

/** Whether drills of a phase count for the planes that an approach asks for. */
function countsForPlanes(phase: Phase): boolean {
  return phase === "mobilise" || phase === "activate";
}

/** Whether a drill in a phase covers a plane. */
export function covers({ phase, drill }: Pick<Candidate, "phase" | "drill">, plane: Plane): boolean {
  return countsForPlanes(phase) && drill.planes.includes(plane);
}

/** Goals and limits as they are put together, with what the objective is short of while nothing is chosen. */
export class ProblemParts {
  readonly goals: Goal[] = [];
  readonly limits: { most: number }[] = [];
  /** What each goal is about, where it is one member's; null: everybody's. */
  readonly subjects: (string | null)[] = [];
  private atNothing = 0;
  private readonly named = new Map<string, number>();

  /** @param short what the objective is short of while the goal is not met at all. Points. */
  goal(pieces: Goal["pieces"], short: number, subject: string | null = null): number {
    this.atNothing -= short;
    this.subjects.push(subject);
    return this.goals.push({ pieces }) - 1;
  }

  limit(most: number): number {
    return this.limits.push({ most }) - 1;
  }

  /** The limit of a name, made when it is first asked for. */
  namedLimit(name: string, most: number): number {
    const known = this.named.get(name) ?? this.limit(most);
    this.named.set(name, known);
    return known;
  }

  /**
   * The problem of these parts; limits give way to what the coach has chosen.
   *
   * @param budget the index of the limit that runs out first.
   * @param pins of each option what it may be chosen for that the coach wants, and how long that takes; of the options
   *   for the same thing one has to be chosen. Null: nothing.
   */
  problem(
    options: readonly Option[],
    budget: number,
    pins: readonly ({ wanted: string; seconds: number } | null)[],
  ): Problem {
    const pinned = new Map<string, number[]>();
    pins.forEach((pin, i) => {
      if (pin) pinned.set(pin.wanted, [...(pinned.get(pin.wanted) ?? []), i]);
    });
    const required = [...pinned.values()].map((list) =>
      list.toSorted((a, b) => pins[a]!.seconds - pins[b]!.seconds),
    );
    const used = this.limits.map(() => 0);
    for (const [first] of required) for (const u of options[first!]!.uses) used[u.index]! += u.amount;
    const limits = this.limits.map(({ most }, i) => ({ most: Math.max(most, used[i]!) }));
    return { options, goals: this.goals, limits, budget, required, atNothing: this.atNothing };
  }
}

/**
 * The goals of one athlete: demands and planes.
 *
 * @returns what a candidate adds to them.
 */
export function athleteGoals(
  parts: ProblemParts,
  demands: readonly AskedDemand[],
  { planes }: Approach,
): (c: Candidate) => Term[] {
  const demandGoals = demands.map((d) =>
    d.weight > 0 ? parts.goal(worthOfServing(d.weight), shortfallOf(d.weight), d.demand) : null,
  );
  const planeGoals = planes.map((plane) => ({
    plane,
    index: parts.goal([{ upTo: 1, slope: MISSING_PLANE_COST }], MISSING_PLANE_COST, plane),
  }));
  return (c) => [
    ...c.serves.flatMap(({ demand, served }) => {
      const index = demandGoals[demand]!;
      return index === null ? [] : [{ index, amount: served }];
    }),
    ...planeGoals.flatMap(({ plane, index }) => (covers(c, plane) ? [{ index, amount: 1 }] : [])),
  ];
}

/**
 * What a sequence as a whole has to keep: least and most of each phase, slots, hard work, power.
 *
 * @param phases each with the number of people whose warm-up has it.
 * @param people for whom the sequence is.
 * @returns what a candidate adds to its goals and takes of its limits.
 */
export function sequenceParts(
  parts: ProblemParts,
  approach: Approach,
  phases: readonly { rule: PhaseRule; people: number }[],
  people: number,
): (c: Candidate) => { gives: Term[]; uses: Term[] } {
  const hard = parts.limit(MOST_HARD_SECONDS);
  const power = parts.limit(MOST_POWER_DRILLS);
  const ofPhase = new Map(
    phases.map(({ rule, people: having }) => {
      const slope = (having * rule.shortPrice) / 60;
      const least = rule.least > 0 ? parts.goal([{ upTo: rule.least, slope }], slope * rule.least) : null;
      return [rule.phase, { least, seconds: parts.limit(rule.most), drills: parts.limit(rule.mostDrills) }];
    }),
  );
  const slots = approach.slots.map(({ phase, filledBy, drills }) => {
    const slope = people * MISSING_SLOT_COST;
    const goal = parts.goal([{ upTo: drills.least, slope }], slope * drills.least);
    return { phase, filledBy, goal, drills: parts.limit(drills.most) };
  });
  return (c) => {
    const gives: Term[] = [];
    const uses: Term[] = [];
    const phase = ofPhase.get(c.phase);
    if (phase) {
      if (phase.least !== null) gives.push({ index: phase.least, amount: c.seconds });
      uses.push({ index: phase.seconds, amount: c.seconds }, { index: phase.drills, amount: 1 });
    }
    const slot = slots.find((s) => s.phase === c.phase && isMeant(c.drill, s.filledBy));
    if (slot) {
      gives.push({ index: slot.goal, amount: 1 });
      uses.push({ index: slot.drills, amount: 1 });
    }
    if (c.drill.effort >= HARD_EFFORT) uses.push({ index: hard, amount: c.rounds * c.workSeconds });
    if (c.phase === "power") uses.push({ index: power, amount: 1 });
    return { gives, uses };
  };
}
