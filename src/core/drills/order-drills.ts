import type { Drill, DrillId } from "../catalog";
import type { DemandId } from "../demands";
import type { Candidate } from "./candidate";
import {
  BACK_COST,
  EFFORT_DROP_COST,
  EXACT_ORDER_UP_TO,
  HOLD_AFTER_HOLD_COST,
  OPENING_EFFORT,
  OPENING_EFFORT_COST,
  RAISE_DROP_COST,
} from "./constants";
import { sharesDemand } from "./shared-demands";
import { changeSeconds, setUpSecondsAfter } from "./timetable";

/** The ways through the body that an approach may ask for. */
export type BodyOrder = "top-down" | "ground-up" | null;

/** The order that an approach asks for: a way through the body, and whether its slots are done as they are listed. */
export interface WantedOrder {
  bodyOrder: BodyOrder;
  onlySlots: boolean;
}

const NO_ORDER: WantedOrder = { bodyOrder: null, onlySlots: false };

/** Ranges from head to foot; those of one level share a place. */
const HEAD_TO_FOOT: readonly (readonly DemandId[])[] = [
  ["neck"],
  [
    "shoulder-flexion",
    "shoulder-external-rotation",
    "shoulder-internal-rotation",
    "shoulder-extension",
    "lat-triceps-length",
    "front-rack",
    "chest-length",
  ],
  ["wrist-extension"],
  ["thoracic-extension", "thoracic-rotation"],
  ["hip-flexion", "hip-extension", "hip-external-rotation", "hip-internal-rotation", "hamstring-length"],
  ["knee-flexion"],
  ["ankle-dorsiflexion"],
];

/** The muscles of each level, for drills that serve them more than any range. */
const MUSCLES_HEAD_TO_FOOT: readonly (readonly DemandId[])[] = [
  [],
  ["scapular-retraction", "lower-traps", "rotator-cuff", "lats", "biceps", "deltoids", "pecs", "triceps"],
  ["grip"],
  ["trunk-extension", "trunk-side-bending", "trunk-rotation"],
  ["glute-max", "glute-med", "hamstrings"],
  ["quads"],
  ["calf-foot"],
];

const levels = new WeakMap<Drill, number | null>();

/** How far down the body lies what a drill serves most, a range before a muscle; null if it serves neither. */
function levelOf(drill: Drill): number | null {
  const known = levels.get(drill);
  if (known !== undefined) return known;
  const range = mostServed(drill, HEAD_TO_FOOT);
  const muscle = mostServed(drill, MUSCLES_HEAD_TO_FOOT);
  const level = muscle.most > range.most ? muscle.level : range.level;
  levels.set(drill, level);
  return level;
}

/** The level of the demand that a drill serves most, and how much; null if it serves none of them. */
function mostServed(
  drill: Drill,
  levels: readonly (readonly DemandId[])[],
): { level: number | null; most: number } {
  let level: number | null = null;
  let most = 0;
  levels.forEach((demands, i) => {
    for (const d of demands) {
      if ((drill.serves[d] ?? 0) > most) {
        most = drill.serves[d]!;
        level = i;
      }
    }
  });
  return { level, most };
}

/** A drill in the phase that it stands in. */
export type Step = Pick<Candidate, "drill" | "phase"> & { slot?: number | null };

/**
 * How many levels a drill lies off the way through the body: how far it goes back, or, as the first of its
 * phase, how far from the end of the body it begins.
 */
function levelsOff(previous: Step | null, next: Step, way: BodyOrder): number {
  const to = levelOf(next.drill);
  if (way === null || to === null) return 0;
  const isFirst = previous?.phase !== next.phase;
  const from = isFirst ? null : levelOf(previous!.drill);
  if (from === null) return isFirst ? (way === "top-down" ? to : HEAD_TO_FOOT.length - 1 - to) : 0;
  return Math.max(0, way === "top-down" ? from - to : to - from);
}

/** How many slots of the approach's list a drill goes back. */
function slotsBack(previous: Step | null, next: Step): number {
  // What fills none, a limiter's drill, comes before them.
  const placeOf = ({ slot }: Step) => slot ?? -1;
  return previous === null ? 0 : Math.max(0, placeOf(previous) - placeOf(next));
}

/** Cost of doing `next` right after `previous`: seconds of change, and what coaches do not like about the order. */
function stepCost(previous: Step | null, next: Step, wanted: WantedOrder): number {
  const before = previous?.drill ?? null;
  const { drill, phase } = next;
  const change = changeSeconds(before, drill) + setUpSecondsAfter(before, drill);
  const isListed = wanted.onlySlots && wanted.bodyOrder === null;
  const levels = isListed ? slotsBack(previous, next) : levelsOff(previous, next, wanted.bodyOrder);
  const back = BACK_COST * levels;
  // Warm is not yet loose: after the raise, too, the first drill is a gentle one.
  const isOpening = !previous || (previous.phase === "raise" && phase !== "raise");
  const opening = isOpening ? OPENING_EFFORT_COST * Math.max(0, drill.effort - OPENING_EFFORT) : 0;
  const fall = before ? Math.max(0, before.effort - drill.effort) : 0;
  const drop = phase === "raise" ? RAISE_DROP_COST : EFFORT_DROP_COST;
  const holds = before?.stretch && drill.stretch && phase !== "cool-down" ? HOLD_AFTER_HOLD_COST : 0;
  return change + back + opening + drop * fall ** 2 + holds;
}

/** The cost of drills in a given order (docs/model.md, "Ordering"). */
export function orderCost(order: readonly Step[], wanted = NO_ORDER): number {
  return order.reduce((sum, step, i) => sum + stepCost(order[i - 1] ?? null, step, wanted), 0);
}

function stage(drill: Drill): number {
  if (drill.assisted) return 0;
  return drill.load.kind === "none" ? 1 : 2;
}

/** Whether a drill rolls rather than holds. */
function isRoll(drill: Drill): boolean {
  return drill.equipment.some((need) => need.includes("roller"));
}

/** Whether a drill usually rehearses a lift. */
function rehearses(drill: Drill): boolean {
  return drill.phases[0] === "rehearse";
}

/**
 * Whether `a` has to come before `b` in one phase: held before moved, named pairs, and helped before body weight
 * before loaded, within a pattern and wherever lifts are rehearsed.
 */
export function mustPrecede(a: Drill, b: Drill, { onlySlots }: WantedOrder = NO_ORDER): boolean {
  if (a.before === b.id) return true;
  // Where slots are done as they are listed, drills of several lifts stand beside each other.
  if (a.part !== undefined && b.part !== undefined && !onlySlots) return a.part < b.part;
  if (a.stretch && b.stretch) return isRoll(a) && !isRoll(b);
  if (a.stretch && b.mode === "dynamic") return sharesDemand(a, b, "range", 1);
  if (b.stretch && a.mode === "dynamic") return false;
  const climbs = (rehearses(a) && rehearses(b)) || sharesDemand(a, b, "pattern", 2);
  return climbs && stage(a) < stage(b);
}

/**
 * Puts chosen drills in order: blocks in theirs, inside a block the exact least cost over all orders that
 * keep what has to come first, each block starting from where the one before ends. Blocks of more than 14
 * drills are improved by moving single drills instead. A circuit is ordered as one round, one of the coach's as its
 * first drill. Drills whose place the coach has fixed stand there, the others around them.
 *
 * @param places the place of drills in the whole order, from 0.
 */
export function orderDrills(
  chosen: readonly Candidate[],
  wanted: WantedOrder = NO_ORDER,
  places: ReadonlyMap<DrillId, number> = new Map(),
): Candidate[] {
  const isLater = laterInCircuit(chosen);
  const heads = chosen.filter((c) => !isLater.has(c));
  const free = heads.filter((c) => !places.has(c.drill.id));
  const indices = [...new Set(free.map((c) => c.block))].sort((a, b) => a - b);
  let ends: BlockEnd[] = [{ order: [], cost: 0 }];
  for (const index of indices) {
    const block = free.filter((c) => c.block === index).sort((a, b) => (a.drill.id < b.drill.id ? -1 : 1));
    ends =
      block.length <= EXACT_ORDER_UP_TO ? exactEnds(block, ends, wanted) : [improvedEnd(block, ends, wanted)];
  }
  const order = ends.reduce((a, b) => (b.cost < a.cost ? b : a)).order.slice();
  const placed = heads.filter((c) => places.has(c.drill.id));
  placed.sort((a, b) => places.get(a.drill.id)! - places.get(b.drill.id)!);
  const whole = order.flatMap((c) => withItsCircuit(c, chosen));
  for (const c of placed) {
    whole.splice(freePlace(whole, places.get(c.drill.id)!), 0, ...withItsCircuit(c, chosen));
  }
  return whole;
}

/** Drills of the coach's circuits that are not the first of theirs. */
function laterInCircuit(chosen: readonly Candidate[]): ReadonlySet<Candidate> {
  return new Set(chosen.filter((c) => c.circuit?.by === "coach" && withItsCircuit(c, chosen)[0] !== c));
}

/** A drill with the others of its circuit where that is one of the coach's, in the coach's order. */
function withItsCircuit(c: Candidate, chosen: readonly Candidate[]): Candidate[] {
  const { circuit } = c;
  if (circuit?.by !== "coach") return [c];
  return circuit.drills.flatMap((id) => chosen.find((o) => o.drill.id === id) ?? []);
}

/** The first place from one on that lies within no circuit of the coach's. */
function freePlace(order: readonly Candidate[], from: number): number {
  const isInside = (at: number) =>
    order[at - 1]?.circuit?.by === "coach" && order[at - 1]?.circuit?.key === order[at]?.circuit?.key;
  let at = Math.min(from, order.length);
  while (isInside(at)) at++;
  return at;
}

/** The cheapest order found so far for one last drill. */
interface BlockEnd {
  order: Candidate[];
  cost: number;
}

/** For each possible last drill of a block the cheapest order that ends with it. Dynamic programming over (done, last). */
function exactEnds(
  block: readonly Candidate[],
  starts: readonly BlockEnd[],
  wanted: WantedOrder,
): BlockEnd[] {
  const n = block.length;
  const before = block.map((b) =>
    block.reduce(
      (mask, a, i) => (a !== b && mustPrecede(a.drill, b.drill, wanted) ? mask | (1 << i) : mask),
      0,
    ),
  );
  const between = Float64Array.from(block.flatMap((a) => block.map((b) => stepCost(a, b, wanted))));
  const all = (1 << n) - 1;
  const cost = new Float64Array((all + 1) * n).fill(Number.POSITIVE_INFINITY);
  const from = new Int16Array((all + 1) * n).fill(-1);
  const startOf: BlockEnd[] = [];
  for (let i = 0; i < n; i++) {
    const reach = (s: BlockEnd) => s.cost + stepCost(s.order.at(-1) ?? null, block[i]!, wanted);
    startOf.push(starts.reduce((a, b) => (reach(b) < reach(a) ? b : a)));
    if (before[i] === 0) cost[(1 << i) * n + i] = reach(startOf[i]!);
  }
  for (let done = 1; done <= all; done++) {
    for (let last = 0; last < n; last++) {
      const here = cost[done * n + last]!;
      if (here === Number.POSITIVE_INFINITY) continue;
      // Bit by bit through what is left; `bit` is the lowest of it.
      for (let left = all & ~done; left !== 0; left &= left - 1) {
        const bit = left & -left;
        const next = 31 - Math.clz32(bit);
        if ((before[next]! & done) !== before[next]) continue;
        const to = (done | bit) * n + next;
        const there = here + between[last * n + next]!;
        if (there < cost[to]! - 1e-9) {
          cost[to] = there;
          from[to] = last;
        }
      }
    }
  }
  const ends: BlockEnd[] = [];
  for (let last = 0; last < n; last++) {
    const total = cost[all * n + last]!;
    if (total === Number.POSITIVE_INFINITY) continue;
    const order: Candidate[] = [];
    let done = all;
    let at = last;
    for (;;) {
      order.unshift(block[at]!);
      const previous = from[done * n + at]!;
      done &= ~(1 << at);
      if (previous < 0) break;
      at = previous;
    }
    ends.push({ order: [...startOf[at]!.order, ...order], cost: total });
  }
  return ends;
}

/** A good order for a block too long for the exact one: by effort, then or-opt. */
function improvedEnd(
  block: readonly Candidate[],
  starts: readonly BlockEnd[],
  wanted: WantedOrder,
): BlockEnd {
  const start = starts.reduce((a, b) => (b.cost < a.cost ? b : a));
  const keeps = (order: readonly Candidate[]) =>
    order.every((b, j) => order.slice(j + 1).every((a) => !mustPrecede(a.drill, b.drill, wanted)));
  const total = (order: readonly Candidate[]) => orderCost([...start.order, ...order], wanted);
  let order = [...block].sort(
    (a, b) =>
      Number(b.drill.stretch) - Number(a.drill.stretch) ||
      stage(a.drill) - stage(b.drill) ||
      a.drill.effort - b.drill.effort,
  );
  for (let improved = true; improved; ) {
    improved = false;
    for (const moving of block) {
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
