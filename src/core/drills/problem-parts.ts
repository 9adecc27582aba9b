import { type Approach, isMeant, type Phase, type PhaseRule, type Plane } from "../catalog";
import { doseShare } from "../dose";
import type { Goal, Option, Problem, Term } from "../optimizer";
import type { Experience } from "../ramp";
import type { AskedDemand } from "./asked-demands";
import type { Candidate } from "./candidate";
import {
  BRACE_POINTS,
  DRILL_COST,
  EFFORT_COST,
  HARD_EFFORT,
  LIMITER_DOSE_POINTS,
  LIMITER_DOSE_SECONDS,
  LIMITER_DRILL_POINTS,
  MATTERS_FROM,
  MISSING_PLANE_COST,
  MOST_HARD_SECONDS,
  MOST_LIMITER_DOSES,
  MOST_POWER_DRILLS,
  NO_RAISE_COST,
  OPENING_EFFORT,
  OWN_SHAPE_FROM,
  OWN_SHAPE_POINTS,
  QUICK_TEACHING,
  RAISE_FROM,
  REPEATS_RAMP_COST,
  SECOND_COST,
  SECOND_FOR_JOB_COST,
  SECOND_IN_SLOT,
  SHORTFALL_COST,
  SHORTFALL_SERVED,
  TEACHING_COST,
  WORTH,
} from "./constants";
import { placesFor } from "./jobs";

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
export function costOf(
  { drill, phase, rounds, repeatsRamp }: Candidate,
  seconds: number,
  approach: Approach,
  experience: Experience,
): number {
  const { favours, circuit } = approach;
  const favoured = favours.reduce((sum, f) => sum + (isMeant(drill, f.drills) ? f.points : 0), 0);
  const circled = circuit ? circuit.roundPoints * (rounds - 1) : 0;
  const isPlain = phase !== "mobilise" && phase !== "activate";
  const hard = isPlain ? 0 : EFFORT_COST * Math.max(0, drill.effort - OPENING_EFFORT);
  return (
    DRILL_COST +
    teachingCost(drill, experience) * (phase === "power" ? QUICK_TEACHING : 1) +
    (repeatsRamp ? REPEATS_RAMP_COST : 0) +
    hard +
    SECOND_FOR_JOB_COST +
    SECOND_COST * seconds -
    favoured -
    circled
  );
}

/** What explaining a drill costs; an athlete of experience knows more of them. Points. */
function teachingCost({ skill }: Pick<Candidate["drill"], "skill">, experience: Experience): number {
  const [usual, advanced] = TEACHING_COST[experience];
  if (skill === "plain") return 0;
  return skill === "advanced" ? advanced : usual;
}

/** Whether drills of a phase count for the planes that an approach asks for. */
export function countsForPlanes(phase: Phase): boolean {
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
  approach: Approach,
): (c: Candidate) => Term[] {
  const { planes, limiters } = approach;
  const demandGoals = demands.map((d) =>
    d.weight > 0 ? parts.goal(worthOfServing(d.weight), shortfallOf(d.weight), d.demand) : null,
  );
  const jobGoals = new Map<string, number>();
  /** A job is done by as many drills as there are places for: what each costs comes back for those. */
  const jobGoal = (c: Candidate): number => {
    const known = jobGoals.get(c.job);
    if (known !== undefined) return known;
    const index = parts.goal(
      [{ upTo: placesFor(c, approach), slope: SECOND_FOR_JOB_COST }],
      0,
      `job ${c.job}`,
    );
    jobGoals.set(c.job, index);
    return index;
  };
  const upTo = Math.min(MOST_LIMITER_DOSES, limiters.secondsEach / LIMITER_DOSE_SECONDS);
  const limiterGoals = demands.map((d) => {
    if (!d.limiter) return null;
    return {
      drill: parts.goal(
        [{ upTo: 1, slope: LIMITER_DRILL_POINTS }],
        LIMITER_DRILL_POINTS,
        `${d.demand} drill`,
      ),
      doses: parts.goal([{ upTo, slope: LIMITER_DOSE_POINTS }], 0, `${d.demand} doses`),
    };
  });
  const planeGoals = planes.map((plane) => ({
    plane,
    index: parts.goal([{ upTo: 1, slope: MISSING_PLANE_COST }], MISSING_PLANE_COST, plane),
  }));
  const brace = parts.goal([{ upTo: 1, slope: BRACE_POINTS }], 0, "brace");
  /** What a candidate does for limiters: a drill of their own, as many usual doses of it. */
  const forLimiters = (c: Candidate): Term[] => {
    const doses = c.rounds * doseShare(c.drill.dose, c);
    return c.limiterOf.flatMap((i) => {
      // What a group does may be for the limiter of somebody else.
      const goal = limiterGoals[i];
      if (!goal) return [];
      return [
        { index: goal.drill, amount: 1 },
        { index: goal.doses, amount: doses },
      ];
    });
  };
  return (c) => [
    { index: jobGoal(c), amount: 1 },
    ...(c.braces ? [{ index: brace, amount: 1 }] : []),
    ...forLimiters(c),
    ...c.serves.flatMap(({ demand, served }) => {
      const index = demandGoals[demand]!;
      return index === null ? [] : [{ index, amount: served }];
    }),
    ...planeGoals.flatMap(({ plane, index }) => (covers(c, plane) ? [{ index, amount: 1 }] : [])),
  ];
}

/** How many drills an approach does at most in so much time for them, in seconds. */
export function drillsAtPace({ pace }: Pick<Approach, "pace">, seconds: number): number {
  return Math.min(pace.most, pace.from + Math.floor(seconds / pace.every));
}

/**
 * What a sequence as a whole has to keep: least and most of each phase, slots, hard work, power.
 *
 * @param phases each with the number of people whose warm-up has it.
 * @param people for whom the sequence is.
 * @param forLimiters how many limiters are worked on.
 * @returns what a candidate adds to its goals and takes of its limits.
 */
export function sequenceParts(
  parts: ProblemParts,
  approach: Approach,
  phases: readonly { rule: PhaseRule; people: number }[],
  people: number,
  seconds: number,
  forLimiters: number,
): (c: Candidate) => { gives: Term[]; uses: Term[] } {
  // Where all places are those of slots a limiter has one beside them.
  const forLimiter = approach.onlySlots ? Math.min(1, forLimiters) : 0;
  // A raise that only some days have is not among the drills that an approach usually does.
  const raise = phases.find((p) => p.rule.phase === "raise")?.rule;
  const beside = forLimiter + (raise?.whenColdOrStiff ? 1 : 0);
  const drills = parts.limit(drillsAtPace(approach, seconds) + beside);
  const shape =
    seconds >= OWN_SHAPE_FROM
      ? parts.goal([{ upTo: 1, slope: people * OWN_SHAPE_POINTS }], people * OWN_SHAPE_POINTS)
      : null;
  const heated = phases.find((p) => p.rule.phase === "raise" && p.rule.least > 0);
  const isJob = approach.slots.some((s) => s.phase === "raise");
  const unheated = (heated?.people ?? 0) * NO_RAISE_COST[isJob ? "asJob" : "usual"];
  const heat = heated && seconds >= RAISE_FROM ? parts.goal([{ upTo: 1, slope: unheated }], unheated) : null;
  const hard = parts.limit(MOST_HARD_SECONDS);
  const power = parts.limit(MOST_POWER_DRILLS);
  const ofPhase = new Map(
    phases.map(({ rule, people: having }) => {
      const slope = (having * rule.shortPrice) / 60;
      const wanted = Math.min(rule.least, (rule.share ?? 1) * seconds);
      const least = wanted > 0 ? parts.goal([{ upTo: wanted, slope }], slope * wanted) : null;
      return [rule.phase, { least, seconds: parts.limit(rule.most), drills: parts.limit(rule.mostDrills) }];
    }),
  );
  const slots = approach.slots.map(({ points, drills: wanted }) => {
    const slope = people * points;
    const pieces = [{ upTo: wanted.least, slope }];
    if (wanted.most > wanted.least) pieces.push({ upTo: wanted.most, slope: SECOND_IN_SLOT * slope });
    return { goal: parts.goal(pieces, slope * wanted.least), drills: parts.limit(wanted.most) };
  });
  return (c) => {
    const gives: Term[] = [];
    const uses: Term[] = [];
    const phase = ofPhase.get(c.phase);
    if (phase) {
      if (phase.least !== null) gives.push({ index: phase.least, amount: c.seconds });
      uses.push({ index: phase.seconds, amount: c.seconds });
      // A limiter's own drill comes beside those that the phase has for everybody.
      if (c.limiterOf.length === 0) uses.push({ index: phase.drills, amount: 1 });
    }
    uses.push({ index: drills, amount: 1 });
    if (shape !== null && c.ownShape) gives.push({ index: shape, amount: 1 });
    if (heat !== null && c.phase === "raise") gives.push({ index: heat, amount: 1 });
    const slot = c.slot === null ? null : slots[c.slot]!;
    if (slot) {
      gives.push({ index: slot.goal, amount: 1 });
      uses.push({ index: slot.drills, amount: 1 });
    }
    if (c.drill.effort >= HARD_EFFORT) uses.push({ index: hard, amount: c.rounds * c.workSeconds });
    if (c.phase === "power") uses.push({ index: power, amount: 1 });
    return { gives, uses };
  };
}
