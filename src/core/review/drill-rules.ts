import { rulesOut } from "../athlete";
import {
  AREAS,
  countedKit,
  type Drill,
  EQUIPMENT,
  families,
  hasKit,
  MOST_TURNS,
  nameInSentence,
  PLANES,
  type Plane,
  turnsFor,
} from "../catalog";
import { DEMANDS, type DemandId, HALVES } from "../demands";
import {
  type Candidate,
  countsForPlanes,
  covers,
  HARD_EFFORT,
  isAskedFor,
  LIMITER_SERVES,
  LIMITER_SLACK_SECONDS,
  saysWhatFor,
  sharesDemand,
  slotOf,
} from "../drills";
import { demandsOf, type ReviewContext, workSecondsOf } from "./context";
import { secondsOf } from "./plan-rules";
import type { FindingCode, Found, WrittenStep, WrittenWarmUp } from "./types";

export type Rule = (context: ReviewContext, written: WrittenWarmUp) => Found[];

function onStep(code: FindingCode, step: number, written: WrittenWarmUp, message: string): Found {
  const { drill, block } = written.steps[step]!;
  return { code, message, place: { kind: "step", step }, subject: `${block} ${drill.id}` };
}

/** Findings for each step that a sentence is found for. */
function eachStep(
  code: FindingCode,
  written: WrittenWarmUp,
  say: (step: WrittenStep, index: number) => string | null,
): Found[] {
  return written.steps.flatMap((step, i) => {
    const message = say(step, i);
    return message === null ? [] : [onStep(code, i, written, message)];
  });
}

/** The limiters that alone speak for a step: it serves them, and nothing that the session asks. */
function onlyForLimiters(context: ReviewContext, demands: ReturnType<typeof demandsOf>, step: WrittenStep) {
  if (step.drill.phases.includes("raise")) return [];
  if (isAskedFor(step.drill, demands, (d) => d.weightWithoutLimiter)) return [];
  if (step.block === 0 && isJobOfApproach(step.drill, context)) return [];
  return context.request.athlete.limiters.filter((l) => (step.drill.serves[l] ?? 0) >= LIMITER_SERVES);
}

/** The limiter that each step is there for alone, if any. */
export function limitersOfSteps(context: ReviewContext, written: WrittenWarmUp): (DemandId | null)[] {
  return written.steps.map((step) => {
    const demands = demandsOf(context, written, step.block);
    return onlyForLimiters(context, demands, step)[0] ?? null;
  });
}

/** Whether all of a group do a step, each for the others as well. */
function isForAll({ request }: ReviewContext, { drill, block }: WrittenStep): boolean {
  const together = request.together?.steps ?? [];
  return block === 0 && together.some((t) => t.part === "shared" && t.candidate.drill.id === drill.id);
}

/** Whether the approach has a slot for a drill that says what it is for, or consists of nothing else. */
function isJobOfApproach(
  drill: Drill,
  { request: { approach }, model: { demands } }: ReviewContext,
): boolean {
  return drill.phases.some((phase) => {
    const slot = slotOf(drill, phase, approach, demands);
    return slot !== null && (approach.onlySlots || saysWhatFor(approach.slots[slot]!));
  });
}

/** Something is asked of a half of the body if one of its demands is asked so much. */
const HALF_ASKED_FROM = 1.5;

const halfOf = new Map(HALVES.flatMap((demands, half) => demands.map((demand) => [demand, half] as const)));

/** Whether a drill is for a half of the body of which today nothing is asked. A coach sees more in the others. */
function isForTheOtherHalf({ serves }: Drill, demands: ReturnType<typeof demandsOf>): boolean {
  const halves = Object.keys(serves).map((d) => halfOf.get(d as DemandId));
  return halves.every(
    (half) =>
      half !== undefined &&
      demands.every((d) => halfOf.get(d.demand) !== half || Math.max(d.asked, d.weight) < HALF_ASKED_FROM),
  );
}

const servesNothing: Rule = (context, written) =>
  eachStep("serves-nothing", written, (step) => {
    if (step.drill.phases.includes("raise") || isForAll(context, step)) return null;
    const demands = demandsOf(context, written, step.block);
    if (isAskedFor(step.drill, demands) || onlyForLimiters(context, demands, step).length > 0) return null;
    if (!isForTheOtherHalf(step.drill, demands)) return null;
    if (step.block === 0 && isJobOfApproach(step.drill, context)) return null;
    return `${step.drill.name} is not needed for today's lifts or the athlete's limiters.`;
  });

const stretchWithoutMovement: Rule = ({ request }, written) =>
  eachStep("stretch-without-movement", written, (step, i) => {
    // After lifting, held stretches are welcome as they are.
    if (!step.drill.stretch || request.approach.phases.some((p) => p.phase === "cool-down")) return null;
    const moves = written.steps.some(
      (s, j) =>
        j > i &&
        s.block === step.block &&
        s.drill.mode === "dynamic" &&
        sharesDemand(step.drill, s.drill, "range", 1),
    );
    return moves
      ? null
      : `${step.drill.name} is held with no dynamic work on the same range after it, which lowers readiness.`;
  });

const explosiveEarly: Rule = (_, written) =>
  eachStep("explosive-early", written, (step, i) => {
    const explosive = step.drill.effort === 5 || step.drill.phases[0] === "power";
    const before = written.steps.slice(0, i).filter((s) => s.block === step.block);
    if (step.block === 0 && before.length === 0 && step.drill.effort >= HARD_EFFORT) {
      return `${step.drill.name} is hard and comes first. Begin gently.`;
    }
    if (!explosive || before.some((s) => s.drill.phases.includes("activate"))) return null;
    return `${step.drill.name} is explosive and nothing has been activated before it.`;
  });

const oneSided: Rule = (_, written) => {
  const sides = new Map<string, { at: number; left: number; right: number }>();
  written.steps.forEach((step, at) => {
    if (step.drill.dose.sides === 1) return;
    const key = `${step.block} ${step.drill.id}`;
    const sum = sides.get(key) ?? { at, left: 0, right: 0 };
    if (step.side !== "right") sum.left += step.sets * step.amount;
    if (step.side !== "left") sum.right += step.sets * step.amount;
    sides.set(key, sum);
  });
  return [...sides.values()].flatMap(({ at, left, right }) => {
    if (left === right) return [];
    const [more, less] = left > right ? ["left", "right"] : ["right", "left"];
    const { name } = written.steps[at]!.drill;
    return [onStep("one-sided", at, written, `${name} does more on the ${more} than on the ${less}.`)];
  });
};

/** Whether a candidate would mend a missing plane; a stretch needs more beside it. */
export function mendsPlane(c: Candidate, plane: string): boolean {
  return !c.drill.stretch && PLANES.some((p) => p === plane && covers(c, p));
}

/** A plane that is asked for, in which nothing moves although there is a drill for it and its time, or as many drills as planes. */
const missingPlane: Rule = (context, written) => {
  const { planes } = context.request.approach;
  const first = written.steps.filter((s) => s.block === 0);
  const movesIn = (plane: Plane) =>
    first.filter(({ drill }) => drill.phases.some((phase) => covers({ phase, drill }, plane))).length;
  const areEnough = first.filter(({ drill }) => drill.phases.some(countsForPlanes)).length >= planes.length;
  const left = written.minutes * 60 - secondsOf(context, written);
  return planes.flatMap((plane) => {
    if (movesIn(plane) > 0) return [];
    const mending = context.model.candidates.filter((c) => mendsPlane(c, plane));
    if (!mending.some((c) => areEnough || c.seconds <= left)) return [];
    const message = `Nothing moves in the ${plane} plane, and this approach asks for all three.`;
    return [{ code: "missing-plane" as const, message, place: { kind: "plan" as const }, subject: plane }];
  });
};

const limiters: Rule = (context, written) => {
  const { most, secondsEach } = context.request.approach.limiters;
  const seconds = new Map<DemandId, { first: number; seconds: number }>();
  limitersOfSteps(context, written).forEach((limiter, i) => {
    if (limiter === null) return;
    const known = seconds.get(limiter);
    seconds.set(limiter, {
      first: known?.first ?? i,
      seconds: (known?.seconds ?? 0) + workSecondsOf(written.steps[i]!),
    });
  });
  const worked = [...seconds].sort(([, a], [, b]) => a.first - b.first);
  const tooMany = worked.slice(most).map(([limiter, { first }]): Found => {
    const name = DEMANDS[limiter].name.toLowerCase();
    const message = `${name[0]!.toUpperCase()}${name.slice(1)} is the ${worked.length}th limiter worked on; more than ${most} in a session help none of them.`;
    return { code: "too-many-limiters", message, place: { kind: "step", step: first }, subject: limiter };
  });
  const tooLong = worked
    .filter(([, w]) => w.seconds > secondsEach + LIMITER_SLACK_SECONDS)
    .map(([limiter, w]): Found => {
      const name = DEMANDS[limiter].name.toLowerCase();
      const message = `${w.seconds} s go into ${name} alone; ${secondsEach} s are enough before lifting.`;
      return { code: "limiter-too-long", message, place: { kind: "step", step: w.first }, subject: limiter };
    });
  return [...tooMany, ...tooLong];
};

const notInGym: Rule = ({ request }, written) =>
  eachStep("not-in-gym", written, ({ drill }) => {
    if (hasKit(drill.equipment, request.equipment)) return null;
    const missing = drill.equipment.filter((need) => !need.some((e) => request.equipment!.has(e)));
    const names = missing.map((need) => EQUIPMENT[need[0]!].toLowerCase());
    return `${drill.name} needs a ${names.join(" and a ")}, and there is none here.`;
  });

const tooFewMachines: Rule = ({ request: { equipment }, company: { people, counts } }, written) =>
  eachStep("too-few-machines", written, ({ drill }) => {
    const stock = { equipment, counts };
    if (turnsFor(drill.equipment, people, stock) <= MOST_TURNS) return null;
    const kit = countedKit(drill.equipment, stock);
    const scarcest = kit.reduce((a, b) => (counts[b]! < counts[a]! ? b : a));
    const there = `${counts[scarcest]} × ${EQUIPMENT[scarcest].toLowerCase()}`;
    return `${drill.name}: ${people} people, ${there}; more than ${MOST_TURNS} turns leave most of them standing.`;
  });

const againstArea: Rule = ({ request }, written) =>
  eachStep("against-area", written, ({ drill }) => {
    const against = rulesOut(request.athlete, drill);
    if (!against) return null;
    const state = against.level === "avoid" ? "to be avoided" : "sore";
    return `${drill.name} loads the ${AREAS[against.area].toLowerCase()}, which is ${state}.`;
  });

const repeatedWhileWarm: Rule = ({ request }, written) => {
  const familyOf = families(request.drills);
  const family = (s: WrittenStep) => familyOf.get(s.drill.id) ?? s.drill.id;
  return eachStep("repeated-while-warm", written, (step) => {
    const before = written.steps.find((s) => s.block < step.block && family(s) === family(step));
    if (!before) return null;
    return before.drill === step.drill
      ? `${step.drill.name} has been done for an earlier lift, and the body is still warm.`
      : `${step.drill.name} repeats ${nameInSentence(before.drill.name)} from an earlier lift while the body is still warm.`;
  });
};

export const DRILL_RULES: readonly Rule[] = [
  againstArea,
  notInGym,
  tooFewMachines,
  explosiveEarly,
  stretchWithoutMovement,
  oneSided,
  servesNothing,
  limiters,
  repeatedWhileWarm,
  missingPlane,
];
