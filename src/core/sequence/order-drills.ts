import type { Drill } from "../catalog";
import { DEMANDS, type DemandId } from "../demands";
import type { Candidate } from "./choice-model";
import { EFFORT_DROP_COST, EXACT_ORDER_UP_TO, OPENING_EFFORT, OPENING_EFFORT_COST } from "./constants";
import { changeSeconds, setUpSecondsAfter } from "./timetable";

/** Cost of doing `next` right after `previous`, in seconds of change and of falling back in effort. */
function stepCost(previous: Drill | null, next: Drill): number {
  const change = changeSeconds(previous, next) + setUpSecondsAfter(previous, next);
  if (!previous) return change + OPENING_EFFORT_COST * Math.max(0, next.effort - OPENING_EFFORT);
  return change + EFFORT_DROP_COST * Math.max(0, previous.effort - next.effort);
}

/** The cost of drills in a given order (docs/model.md, "Ordering"). */
export function orderCost(drills: readonly Drill[]): number {
  return drills.reduce((sum, drill, i) => sum + stepCost(drills[i - 1] ?? null, drill), 0);
}

function stage(drill: Drill): number {
  if (drill.assisted) return 0;
  return drill.load.kind === "none" ? 1 : 2;
}

function share(a: Drill, b: Drill, kind: "range" | "pattern", least: number): boolean {
  return (Object.keys(a.serves) as DemandId[]).some(
    (d) => DEMANDS[d].kind === kind && a.serves[d]! >= least && (b.serves[d] ?? 0) >= least,
  );
}

/** Whether `a` has to come before `b` in one phase: held before moved, helped before loaded, named pairs. */
export function mustPrecede(a: Drill, b: Drill): boolean {
  if (a.before === b.id) return true;
  if (a.stretch && b.mode === "dynamic") return share(a, b, "range", 1);
  if (b.stretch && a.mode === "dynamic") return false;
  return stage(a) < stage(b) && share(a, b, "pattern", 2);
}

/**
 * Puts chosen drills in order: phases in theirs, inside a phase the exact least cost over all orders that
 * keep what has to come first, each phase starting from where the one before ends. Phases of more than 14
 * drills are improved by moving single drills instead.
 */
export function orderDrills(chosen: readonly Candidate[]): Candidate[] {
  const indices = [...new Set(chosen.map((c) => c.phaseIndex))].sort((a, b) => a - b);
  let ends: PhaseEnd[] = [{ order: [], cost: 0 }];
  for (const index of indices) {
    const phase = chosen
      .filter((c) => c.phaseIndex === index)
      .sort((a, b) => (a.drill.id < b.drill.id ? -1 : 1));
    ends = phase.length <= EXACT_ORDER_UP_TO ? exactEnds(phase, ends) : [improvedEnd(phase, ends)];
  }
  return ends.reduce((a, b) => (b.cost < a.cost ? b : a)).order;
}

/** The cheapest order found so far for one last drill. */
interface PhaseEnd {
  order: Candidate[];
  cost: number;
}

/** For each possible last drill of a phase the cheapest order that ends with it. Dynamic programming over (done, last). */
function exactEnds(phase: readonly Candidate[], starts: readonly PhaseEnd[]): PhaseEnd[] {
  const n = phase.length;
  const before = phase.map((b) =>
    phase.reduce((mask, a, i) => (a !== b && mustPrecede(a.drill, b.drill) ? mask | (1 << i) : mask), 0),
  );
  const between = phase.map((a) => phase.map((b) => stepCost(a.drill, b.drill)));
  const all = (1 << n) - 1;
  const cost = new Float64Array((all + 1) * n).fill(Number.POSITIVE_INFINITY);
  const from = new Int16Array((all + 1) * n).fill(-1);
  const startOf: PhaseEnd[] = [];
  for (let i = 0; i < n; i++) {
    const lastOf = (s: PhaseEnd) => s.order.at(-1)?.drill ?? null;
    const reach = (s: PhaseEnd) => s.cost + stepCost(lastOf(s), phase[i]!.drill);
    startOf.push(starts.reduce((a, b) => (reach(b) < reach(a) ? b : a)));
    if (before[i] === 0) cost[(1 << i) * n + i] = reach(startOf[i]!);
  }
  for (let done = 1; done <= all; done++) {
    for (let last = 0; last < n; last++) {
      const here = cost[done * n + last]!;
      if (here === Number.POSITIVE_INFINITY) continue;
      for (let next = 0; next < n; next++) {
        if (done & (1 << next) || (before[next]! & done) !== before[next]) continue;
        const to = (done | (1 << next)) * n + next;
        const there = here + between[last]![next]!;
        if (there < cost[to]! - 1e-9) {
          cost[to] = there;
          from[to] = last;
        }
      }
    }
  }
  const ends: PhaseEnd[] = [];
  for (let last = 0; last < n; last++) {
    const total = cost[all * n + last]!;
    if (total === Number.POSITIVE_INFINITY) continue;
    const order: Candidate[] = [];
    let done = all;
    let at = last;
    for (;;) {
      order.unshift(phase[at]!);
      const previous = from[done * n + at]!;
      done &= ~(1 << at);
      if (previous < 0) break;
      at = previous;
    }
    ends.push({ order: [...startOf[at]!.order, ...order], cost: total });
  }
  return ends;
}

/** A good order for a phase too long for the exact one: by effort, then or-opt. */
function improvedEnd(phase: readonly Candidate[], starts: readonly PhaseEnd[]): PhaseEnd {
  const start = starts.reduce((a, b) => (b.cost < a.cost ? b : a));
  const keeps = (order: readonly Candidate[]) =>
    order.every((b, j) => order.slice(j + 1).every((a) => !mustPrecede(a.drill, b.drill)));
  const total = (order: readonly Candidate[]) => orderCost([...start.order, ...order].map((c) => c.drill));
  let order = [...phase].sort(
    (a, b) =>
      Number(b.drill.stretch) - Number(a.drill.stretch) ||
      stage(a.drill) - stage(b.drill) ||
      a.drill.effort - b.drill.effort,
  );
  for (let improved = true; improved; ) {
    improved = false;
    for (const moving of phase) {
      const rest = order.filter((c) => c !== moving);
      for (let at = 0; at <= rest.length; at++) {
        const moved = rest.toSpliced(at, 0, moving);
        if (keeps(moved) && total(moved) < total(order) - 1e-9) {
          order = moved;
          improved = true;
        }
      }
    }
  }
  return { order: [...start.order, ...order], cost: total(order) };
}
