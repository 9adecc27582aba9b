import type { Candidate, ChoiceModel } from "./choice-model";
import {
  DRILL_COST,
  HARD_EFFORT,
  MATTERS_FROM,
  MISSING_PLANE_COST,
  MOST_HARD_SECONDS,
  MOST_POWER_DRILLS,
  SECOND_COST,
  SHORTFALL_COST,
  SHORTFALL_SERVED,
  WORTH,
} from "./constants";

/** What a demand adds to the objective when `served` of it is served. */
function worthOf(weight: number, served: number): number {
  let worth = 0;
  let from = 0;
  for (const { upTo, share } of WORTH) {
    if (served > from) worth += share * (Math.min(served, upTo) - from);
    from = upTo;
  }
  const short = weight >= MATTERS_FROM ? Math.max(0, 1 - served / SHORTFALL_SERVED) : 0;
  return (weight * worth) / 3 - SHORTFALL_COST * weight * short;
}

function bitCount(bits: number): number {
  let count = 0;
  for (let b = bits; b > 0; b &= b - 1) count++;
  return count;
}

/**
 * A choice of drills that keeps its objective (docs/model.md, "Choosing") up to date as drills come and go.
 * Written as running sums because the search asks for the gain of every candidate over and over.
 */
export class Selection {
  readonly chosen: Candidate[] = [];
  private readonly served: Float64Array;
  private readonly phaseSeconds: Float64Array;
  private readonly phaseDrills: Int32Array;
  private readonly limiterSeconds: Float64Array;
  private readonly families = new Set<number>();
  /** Demands that weigh anything. */
  private readonly weighty: readonly number[];
  private limiterSecondsAll = 0;
  private hardSeconds = 0;
  private secondsUsed = 0;

  constructor(private readonly model: ChoiceModel) {
    this.weighty = model.demands.flatMap((d, i) => (d.weight > 0 ? [i] : []));
    this.served = new Float64Array(model.demands.length);
    this.limiterSeconds = new Float64Array(model.demands.length);
    this.phaseSeconds = new Float64Array(model.phases.length);
    this.phaseDrills = new Int32Array(model.phases.length);
  }

  get seconds(): number {
    return this.secondsUsed;
  }

  /** How much of a demand (by index) the chosen drills serve. */
  servedOf(demand: number): number {
    return this.served[demand]!;
  }

  add(candidate: Candidate): void {
    this.chosen.push(candidate);
    this.count(candidate, 1);
    this.families.add(candidate.family);
  }

  remove(candidate: Candidate): void {
    this.chosen.splice(this.chosen.indexOf(candidate), 1);
    this.count(candidate, -1);
    if (!this.chosen.some((c) => c.family === candidate.family)) this.families.delete(candidate.family);
  }

  private count(c: Candidate, sign: 1 | -1): void {
    for (const { demand, served } of c.serves) this.served[demand]! += sign * served;
    this.secondsUsed += sign * c.seconds;
    if (Number.isInteger(c.phaseIndex)) {
      this.phaseSeconds[c.phaseIndex]! += sign * c.seconds;
      this.phaseDrills[c.phaseIndex]! += sign;
    }
    if (c.drill.effort >= HARD_EFFORT) this.hardSeconds += sign * c.workSeconds;
    for (const demand of c.onlyForLimiters) this.limiterSeconds[demand]! += sign * c.workSeconds;
    if (c.onlyForLimiters.length > 0) this.limiterSecondsAll += sign * c.workSeconds;
  }

  /** Whether a candidate may join: time, family, phase, limiters, effort, and what it needs beside it. */
  admits(c: Candidate): boolean {
    const { model } = this;
    if (this.secondsUsed + c.seconds > model.seconds) return false;
    if (this.families.has(c.family)) return false;
    const rule = model.phases[c.phaseIndex];
    if (!rule || this.phaseSeconds[c.phaseIndex]! + c.seconds > rule.most) return false;
    if (this.phaseDrills[c.phaseIndex]! >= rule.mostDrills) return false;
    if (c.drill.effort >= HARD_EFFORT && this.hardSeconds + c.workSeconds > MOST_HARD_SECONDS) return false;
    if (c.onlyForLimiters.length > 0) {
      if (this.limiterSecondsAll + c.workSeconds > model.limiterSeconds.all) return false;
      for (const demand of c.onlyForLimiters) {
        if (this.limiterSeconds[demand]! + c.workSeconds > model.limiterSeconds.each) return false;
      }
    }
    if (c.phase === "power") {
      if (!this.chosen.some((o) => o.phase === "activate")) return false;
      if (this.chosen.filter((o) => o.phase === "power").length >= MOST_POWER_DRILLS) return false;
    }
    return !c.drill.stretch || this.chosen.some((o) => releases(c, o));
  }

  /** Whether a chosen drill may leave without leaving a stretch or a power drill on its own. */
  canLose(c: Candidate): boolean {
    if (c.pinned) return false;
    const others = this.chosen.filter((o) => o !== c);
    if (
      c.phase === "activate" &&
      others.some((o) => o.phase === "power") &&
      !others.some((o) => o.phase === "activate")
    ) {
      return false;
    }
    return others.every((o) => o.pinned || !o.drill.stretch || others.some((p) => releases(o, p)));
  }

  /** What the objective gains if the candidate joins. */
  gain(c: Candidate): number {
    const { model } = this;
    let gain = -DRILL_COST - SECOND_COST * c.seconds;
    for (const { demand, served } of c.serves) {
      const { weight } = model.demands[demand]!;
      if (weight === 0) continue;
      const now = this.served[demand]!;
      gain += worthOf(weight, now + served) - worthOf(weight, now);
    }
    if (c.planes > 0) gain += MISSING_PLANE_COST * bitCount(c.planes & this.planesMissing());
    const rule = model.phases[c.phaseIndex];
    if (rule) {
      const short = Math.max(0, rule.least - this.phaseSeconds[c.phaseIndex]!);
      gain += (rule.shortPrice * Math.min(short, c.seconds)) / 60;
    }
    return gain;
  }

  private planesMissing(): number {
    return this.chosen.reduce((bits, c) => bits & ~c.planes, this.model.planes);
  }

  /** The objective of the chosen drills. */
  objective(): number {
    const { model } = this;
    let total = -MISSING_PLANE_COST * bitCount(this.planesMissing());
    for (const i of this.weighty) total += worthOf(model.demands[i]!.weight, this.served[i]!);
    for (const [i, rule] of model.phases.entries()) {
      total -= (rule.shortPrice * Math.max(0, rule.least - this.phaseSeconds[i]!)) / 60;
    }
    for (const c of this.chosen) total -= DRILL_COST + SECOND_COST * c.seconds;
    return total;
  }
}

/** Whether `mover` is dynamic work on a range that the stretch `held` serves, in the same phase or a later one. */
export function releases(held: Candidate, mover: Candidate): boolean {
  if (mover.drill.mode !== "dynamic" || mover.phaseIndex < held.phaseIndex) return false;
  return mover.serves.some(({ demand }) => held.serves.some((s) => s.demand === demand));
}

/** The objective of a set of candidates under a model. */
export function objectiveOf(model: ChoiceModel, chosen: readonly Candidate[]): number {
  const selection = new Selection(model);
  for (const c of chosen) selection.add(c);
  return selection.objective();
}
