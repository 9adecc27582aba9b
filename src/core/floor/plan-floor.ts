import { type AthleteRecord, rulesOut } from "../athlete";
import {
  type Catalog,
  type Drill,
  type EquipmentId,
  hasKit,
  isMeant,
  kitWithout,
  liftById,
} from "../catalog";
import type { DemandId } from "../demands";
import { type Dose, doseEffect, doseLevels, doseOf, doseSeconds } from "../dose";
import type { GymKit } from "../gym";
import {
  type PlanOutline,
  type PlanRequest,
  type PlanStep,
  type PlanTest,
  planOfLift,
  rampRequestOf,
  stairOf,
} from "../plan";
import { isBarKit } from "../plates";
import { placeOf, SECONDS_PER_MOVE } from "../rack";
import { loadUnit } from "../ramp";
import type { Session, SessionReady } from "../session";
import { floorSets, floorWorking } from "./first-set-check";
import type {
  FloorAthlete,
  FloorFigure,
  FloorLift,
  FloorPlan,
  FloorStep,
  FloorSwap,
  ShorterStep,
} from "./floor-plan";

/** One who takes part, with what was planned. */
export interface PlannedMember {
  athlete: AthleteRecord;
  request: PlanRequest;
  plan: PlanOutline;
}

/** What is chosen by the coach is worth more than all else together. Points. */
const PINNED = 1000;
/** What is for a limiter is worth so much more. */
const FOR_LIMITER = 1.5;
const MOST_SWAPS = 6;
/** So many of them need nothing, where there are. */
const LEAST_BARE = 2;
/** Serves at least so much of something. */
const SERVES = 2;

/** Everything of a session that is run on the floor, frozen as it is planned now. */
export function planFloor(
  session: Session,
  gym: GymKit,
  members: readonly PlannedMember[],
  ready: SessionReady,
  catalog: Catalog,
): FloorPlan {
  const readyOf = new Map(ready.members.map((m) => [m.id, m.readyAt]));
  return {
    version: 1,
    sessionId: session.id,
    name: session.name,
    day: session.day,
    time: session.time,
    unit: gym.unit,
    plates: gym.plates,
    isGroup: session.together && members.length > 1,
    athletes: members.map((m) => athleteOf(m, gym, catalog, readyOf.get(m.athlete.id))),
    racks: ready.racks.map(({ rack, shift, ids }) => ({ rack, shift, athletes: ids })),
    secondsPerMove: SECONDS_PER_MOVE[session.racks.loaders],
    readySeconds: Math.max(0, ...members.map((m) => readyOf.get(m.athlete.id) ?? m.plan.seconds)),
  };
}

function athleteOf(
  { athlete, request, plan }: PlannedMember,
  gym: GymKit,
  catalog: Catalog,
  readySeconds = plan.seconds,
): FloorAthlete {
  const kit = kitWithout(new Set(gym.equipment), athlete.cannotUse);
  const free = swappable(athlete, plan, kit, catalog);
  return {
    id: athlete.id,
    name: athlete.name,
    steps: [...stepsOf(request, plan, free), ...coolDownSteps(plan)],
    lifts: request.lifts.map((_, at) => liftOf(request, plan, at, free, catalog)),
    blocks: [...plan.blocks.map((b) => b.lifts), ...(plan.coolDown ? [[]] : [])],
    stair: stairOf(planOfLift(plan, 0), request.minutes),
    seconds: plan.seconds,
    readySeconds: Math.max(plan.seconds, readySeconds),
  };
}

/** Drills that this athlete may do today and does not. */
function swappable(
  athlete: AthleteRecord,
  { steps }: PlanOutline,
  kit: ReadonlySet<EquipmentId> | null,
  { drills }: Catalog,
): Drill[] {
  const taken = new Set(steps.map((s) => s.drill.id));
  const never = new Set(athlete.wishes?.never ?? []);
  return drills.filter(
    (d) =>
      !d.retired &&
      !taken.has(d.id) &&
      !never.has(d.id) &&
      hasKit(d.equipment, kit) &&
      rulesOut(athlete, d) === null,
  );
}

function usualDose({ dose }: Drill): Dose {
  return doseOf(dose, { sets: dose.sets[1], amount: dose.amount[1] });
}

function pictureOf({ id, name, figure, dose }: Drill): FloorFigure {
  const { kind, secondsPerUnit, sides, tempo } = dose;
  return { id, name, figure, dose: { kind, secondsPerUnit, sides, tempo } };
}

function swapOf(drill: Drill): FloorSwap {
  const dose = usualDose(drill);
  const seconds = drill.setUpSeconds + doseSeconds(drill.dose, dose);
  return {
    drill: drill.id,
    name: drill.name,
    dose,
    seconds,
    cue: drill.cues[0] ?? "",
    picture: pictureOf(drill),
    needsKit: drill.equipment.length > 0,
  };
}

/** What may be done in the place of a drill: its relatives first, then what serves most of the same. */
function swapsFor(drill: Drill, free: readonly Drill[]): FloorSwap[] {
  const related = new Set([drill.easier, drill.harder, ...drill.substitutes]);
  const shared = (other: Drill) =>
    (Object.keys(drill.serves) as DemandId[]).reduce(
      (sum, d) => sum + Math.min(drill.serves[d]!, other.serves[d] ?? 0),
      related.has(other.id) ? 100 : 0,
    );
  const near = free
    .filter(
      (d) => related.has(d.id) || (d.phases.some((p) => drill.phases.includes(p)) && shared(d) >= SERVES),
    )
    .map((d) => ({ drill: d, shared: shared(d) }))
    .sort((a, b) => b.shared - a.shared)
    .map((s) => swapOf(s.drill));
  const bare = near.filter((s) => !s.needsKit).slice(0, LEAST_BARE);
  return [...new Set([...near.slice(0, MOST_SWAPS - bare.length), ...bare])];
}

/** What leaving a drill out would cost: what it serves of what is asked, and the job of the approach that it does. Points. */
function worthOf(step: PlanStep, { approach, athlete }: PlanRequest, { coverage }: PlanOutline): number {
  const served = step.serves.reduce((sum, { demand, weight }) => {
    const asked = coverage.find((c) => c.demand === demand)?.asked ?? 0;
    return sum + asked * weight * (athlete.limiters.includes(demand) ? FOR_LIMITER : 1);
  }, 0);
  const jobs = approach.slots.filter((s) => s.phase === step.phase && isMeant(step.drill, s.filledBy));
  const job = Math.max(0, ...jobs.map((s) => s.points)) / step.rounds;
  return served + job + (step.pinned ? PINNED : 0);
}

/** A drill at each of its smaller doses that are still one, the longest first. */
function shorterOf(step: PlanStep, setUpSeconds: number, worth: number): ShorterStep[] {
  const { drill, dose } = step;
  if (dose.format || step.rounds > 1) return [];
  const whole = doseEffect(drill.dose, dose);
  return doseLevels(drill.dose)
    .map((level) => ({ ...level, seconds: setUpSeconds + doseSeconds(drill.dose, level) }))
    .filter((level) => level.seconds < step.seconds)
    .sort((a, b) => b.seconds - a.seconds)
    .map(({ sets, amount, effect, seconds }) => ({
      dose: { ...dose, sets, amount },
      seconds,
      worth: (worth * effect) / whole,
    }));
}

function stepsOf(request: PlanRequest, plan: PlanOutline, free: readonly Drill[]): FloorStep[] {
  const timed = [
    ...plan.steps.map((step) => ({ step, test: null, startsAt: step.startsAt, block: step.block })),
    ...plan.tests.map((test) => ({ step: null, test, startsAt: test.startsAt, block: test.block })),
  ].sort((a, b) => a.startsAt - b.startsAt);
  return timed.map(({ step, test, startsAt, block }, i): FloorStep => {
    const following = timed[i + 1];
    const ends = startsAt + (step ?? test).seconds;
    const nextAt = following?.block === block ? following.startsAt : plan.blocks[block]!.rampsAt;
    const changeSeconds = Math.max(0, nextAt - ends);
    return step ? drillStep(step, changeSeconds, request, plan, free) : testStep(test, changeSeconds);
  });
}

function drillStep(
  step: PlanStep,
  changeSeconds: number,
  request: PlanRequest,
  plan: PlanOutline,
  free: readonly Drill[],
): FloorStep {
  const { drill, dose, seconds, startsAt, round, rounds, block, phase } = step;
  const setUpSeconds = Math.max(0, Math.round(seconds - doseSeconds(drill.dose, dose)));
  const worth = worthOf(step, request, plan);
  return {
    key: `${block} ${drill.id} ${round}`,
    ...{ block, drill: drill.id, isTest: false, name: drill.name, phase, dose },
    ...{ setUpSeconds, seconds, changeSeconds, startsAt, cue: drill.cues[0] ?? "", round, rounds },
    ...(drill.dose.pace !== undefined && { pace: drill.dose.pace }),
    picture: pictureOf(drill),
    needsKit: drill.equipment.length > 0,
    isShared: step.part === "shared",
    worth,
    shorter: shorterOf(step, setUpSeconds, worth),
    swaps: swapsFor(drill, free),
  };
}

/** What a step has of its drill that stays as it is. */
function ofDrill(drill: Drill) {
  const picture = pictureOf(drill);
  const stays = { isShared: false, worth: 0, shorter: [], swaps: [] };
  return { picture, needsKit: drill.equipment.length > 0, ...stays };
}

function testStep(
  { test, drill, looksFor, block, seconds, startsAt }: PlanTest,
  changeSeconds: number,
): FloorStep {
  return {
    key: `${block} test ${test}`,
    ...{ block, drill: drill.id, isTest: true, name: `Test: ${drill.name}`, phase: "test", dose: null },
    ...{ setUpSeconds: 0, seconds, changeSeconds, startsAt, cue: looksFor, round: 1, rounds: 1 },
    ...ofDrill(drill),
  };
}

/** The drills once more after the last lift. */
function coolDownSteps({ coolDown, blocks, seconds }: PlanOutline): FloorStep[] {
  return (coolDown?.drills ?? []).map(({ drill, dose }, i) => ({
    key: `cool-down ${drill.id} ${i}`,
    ...{
      block: blocks.length,
      drill: drill.id,
      isTest: false,
      name: drill.name,
      phase: drill.phases[0]!,
      dose,
    },
    ...{ setUpSeconds: drill.setUpSeconds, seconds: drill.setUpSeconds + doseSeconds(drill.dose, dose) },
    ...{ changeSeconds: 0, startsAt: seconds, cue: drill.cues[0] ?? "", round: 1, rounds: 1 },
    ...ofDrill(drill),
  }));
}

function liftOf(
  request: PlanRequest,
  plan: PlanOutline,
  at: number,
  free: readonly Drill[],
  catalog: Catalog,
): FloorLift {
  const { lift, kit, working } = request.lifts[at]!;
  const ramp = plan.ramps[at] ?? null;
  const asked = ramp && rampRequestOf(request, at, { fewer: ramp.fewer });
  const known = liftById(catalog, lift.id);
  const seconds = ramp?.sets.at(-1)?.seconds ?? 30;
  const rest = ramp?.sets.at(-1)?.restSeconds ?? 120;
  const oneSided = free.find(
    (d) =>
      d.dose.sides === 2 &&
      d.phases.includes("activate") &&
      known &&
      servesLift(d, Object.keys(known.asks) as DemandId[]),
  );
  return {
    lift: lift.id,
    name: lift.name,
    block: plan.blocks.findIndex((b) => b.lifts.includes(at)),
    place: kit && isBarKit(kit) && known ? placeOf(known) : null,
    unit: kit ? loadUnit(kit, request.unit) : "",
    request: asked,
    sets: ramp ? floorSets(ramp, request.unit) : [],
    working: ramp && asked && working ? floorWorking(ramp, asked, seconds, rest) : null,
    oneSided: oneSided ? swapOf(oneSided) : null,
  };
}

function servesLift(drill: Drill, demands: readonly DemandId[]): boolean {
  return demands.some((d) => (drill.serves[d] ?? 0) >= SERVES);
}
