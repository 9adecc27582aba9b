import { timeInWords } from "@/lib/time-in-words";
import type { AthleteRecord } from "../athlete";
import { type Drill, needsOf, PHASE_NAMES } from "../catalog";
import type { DemandId } from "../demands";
import { formatDose } from "../dose";
import type { DraftLift, WarmUpDraft } from "../draft";
import { type GymKit, type GymSettings, USUAL_SETTINGS } from "../gym";
import {
  type Caution,
  type CoolDown,
  cautionsOf,
  circuitOpenedBy,
  offersInWords,
  type PlanOutline,
  type PlanRequest,
  type PlanTest,
  planOfLift,
  type Stair,
  stairInWords,
  stairOf,
} from "../plan";
import { isBarKit } from "../plates";
import { describeLoad, loadUnit, type Ramp } from "../ramp";
import type { AthleteTest } from "../response";
import { arriveBy, clockMinutes, clockTime, type Session } from "../session";
import { formatClock, formatSeconds, formatWeight, type Weight } from "../units";

/** A drill, or a test between drills, as it stands on a card. */
export interface CardDrill {
  id: string;
  isTest: boolean;
  /** How it is done and what it looks like. */
  drill: Drill;
  /** From 1, among the drills of its lift; null: a test. */
  number: number | null;
  name: string;
  phase: string;
  /** Whether the drill before it is of another phase. */
  opensPhase: boolean;
  /** What it goes round in with those after it, in words; null: it opens no superset or circuit. */
  opensCircuit: string | null;
  /** Whether it goes round with others. */
  isInCircuit: boolean;
  /** From the start of the lift's part, as "3:20". */
  at: string;
  /** Of one round, with sides. */
  dose: string;
  /** What may be done in its place, in words. */
  offers: readonly string[];
  /** What it needs, of what the gym has. */
  kit: string[];
  cue: string;
}

/** A ramp set, or the first working set, as it stands on a card. */
export interface CardRampRow {
  isWork: boolean;
  weight: string;
  /** With what the weight counts, as "kg a hand". */
  unit: string;
  /** "× 5", or "work". */
  reps: string;
  perSide: readonly Weight[];
  /** The plates of one side in numbers; null: it is not loaded with plates. */
  plates: string | null;
  /** What to do before it, in words. */
  change: string;
  /** After it; empty for the working set. */
  rest: string;
  /** Share of the working weight, 0 to 1. */
  fraction: number;
  /** How it is done, where the lift has technique additions. */
  notes: readonly string[];
}

export interface CardRamp {
  hasPlates: boolean;
  rows: CardRampRow[];
}

/** One lift of a card: its working sets, the drills and the ramp before it. */
export interface CardLift {
  name: string;
  /** "3 × 5" with its weight and what follows; null: a lift without a working weight. */
  working: { sets: string; load: string | null; backOffs: string } | null;
  /** None where they stand with the lift before it, as of two that are a superset. */
  drills: CardDrill[];
  ramp: CardRamp | null;
  /** Said in place of a ramp that cannot be worked out; null: nothing is missing. */
  missing: string | null;
}

/** One athlete's warm-up as it is given to them: the same on the screen, on paper, on a phone and as text. */
export interface CardView {
  athlete: string;
  /** ISO day. */
  day: string;
  /** Of the first working set, as the gym says times, and when to arrive for it; null: no time is fixed. */
  time: string | null;
  /** What it is printed on. */
  paper: GymSettings["paper"];
  arrive: string | null;
  /** What the warm-up takes, as "17:40", and the minutes planned for it. */
  takes: string;
  seconds: number;
  minutes: number;
  stair: Stair;
  /** The stair in words, for who cannot see it. */
  stairSays: string;
  lifts: CardLift[];
  /** What comes again after the last lift, and how long that takes, as "6:20"; null: nothing. */
  coolDown: {
    drills: string[];
    /** Long work on what limits the athlete, each with the test that follows. */
    longWork: string[];
    takes: string;
  } | null;
  cautions: Caution[];
  /** Rows of drills and ramp sets in all, for whoever has to fit them on a page. */
  rows: number;
}

const NO_WEIGHT = "No working weight yet: ask the coach before the ramp.";

/** A drill is long work on a limiter that it serves so much. */
const LONG_WORK_FROM = 3;

/** The test of the limiter that a drill after the last lift is for; undefined: it is for none, or nothing measures it. */
function testAfter(
  { serves }: Drill,
  limiters: readonly DemandId[],
  tests: readonly AthleteTest[],
): AthleteTest | undefined {
  return tests.find(({ demand }) => limiters.includes(demand) && (serves[demand] ?? 0) >= LONG_WORK_FROM);
}

/** The drills after the last lift, line by line; long work on a limiter by itself, with the test that shows what it did. */
function coolDownLines({ drills }: CoolDown, limiters: readonly DemandId[], tests: readonly AthleteTest[]) {
  const lines = drills.map(({ drill, dose }) => {
    const test = testAfter(drill, limiters, tests);
    const line = `${drill.name} ${formatDose(dose)}`;
    return {
      isLongWork: test !== undefined,
      line: test ? `${line}, then test: ${test.name.toLowerCase()}` : line,
    };
  });
  const of = (isLongWork: boolean) => lines.filter((l) => l.isLongWork === isLongWork).map((l) => l.line);
  return { drills: of(false), longWork: of(true) };
}

/** Lays out one athlete's planned warm-up as a card. */
export function cardView({
  session,
  gym,
  athlete,
  draft,
  request,
  plan,
  allReady = 0,
  later = 0,
  tests = [],
}: {
  session: Pick<Session, "day" | "time">;
  gym: GymKit;
  athlete: AthleteRecord;
  draft: WarmUpDraft;
  request: PlanRequest;
  plan: PlanOutline;
  /** When all are ready with whom a bar is shared; absent: none is. Seconds. */
  allReady?: number;
  /** How much later than the others this one may begin. Seconds. */
  later?: number;
  /** Tests that there are: after the long work on a limiter its own is done. */
  tests?: readonly AthleteTest[];
}): CardView {
  const { day, time } = session;
  const stair = stairOf(planOfLift(plan, 0), request.minutes);
  const { clock, paper } = gym.settings ?? USUAL_SETTINGS;
  const lifts = request.lifts.map(({ lift, kit, additions = [] }, at): CardLift => {
    const part = planOfLift(plan, at);
    const ramp = part.ramps[0];
    // Of a superset the drills stand with the first lift.
    const leads = plan.blocks[part.block]!.lifts[0] === at;
    return {
      name: lift.name,
      working: lift.kind ? null : workingOf(draft.lifts[at]!, gym),
      drills: leads ? drillsOf(part, gym) : [],
      ramp: ramp && kit ? rampOf(ramp, gym, additions.length > 0) : null,
      missing: kit && !ramp ? NO_WEIGHT : null,
    };
  });
  const { coolDown } = plan;
  return {
    athlete: athlete.name,
    day,
    time: time && timeInWords(time, clock),
    arrive:
      time &&
      timeInWords(
        clockTime(
          clockMinutes(arriveBy(time, request.minutes, Math.max(plan.seconds, allReady))) + later / 60,
        ),
        clock,
      ),
    paper,
    takes: formatClock(plan.seconds),
    seconds: plan.seconds,
    minutes: request.minutes,
    stair,
    stairSays: stairInWords(stair),
    lifts,
    coolDown: coolDown && {
      ...coolDownLines(coolDown, athlete.limiters, tests),
      takes: formatClock(coolDown.seconds),
    },
    cautions: cautionsOf(request, plan, athlete, day),
    rows: lifts.reduce(
      (sum, l) => sum + rowsOf(l.drills) + (l.ramp?.rows.length ?? 0),
      coolDown ? COOL_DOWN_ROWS : 0,
    ),
  };
}

function workingOf({ sets, reps, weight, backOffs }: DraftLift, { unit }: GymKit): CardLift["working"] {
  return {
    sets: `${sets} × ${reps}`,
    load: weight === null ? null : `${formatWeight(weight)} ${unit}`,
    backOffs: backOffs.map((b) => `, then ${b.sets} × ${b.reps} × ${formatWeight(b.weight)}`).join(""),
  };
}

/** Lines that a cool-down takes. */
const COOL_DOWN_ROWS = 3;

/** Letters of a dose that fit one line of a card. */
const DOSE_LINE = 26;

/** Lines of drills, with the heads of what goes round; a dose with much to say takes more than one. */
function rowsOf(drills: readonly CardDrill[]): number {
  const lines = (d: CardDrill) =>
    Math.max(Math.ceil(d.dose.length / DOSE_LINE), 1 + d.offers.length) + (d.opensCircuit ? 1 : 0);
  return drills.reduce((sum, d) => sum + lines(d), 0);
}

function drillsOf({ steps, tests }: PlanOutline, gym: GymKit): CardDrill[] {
  const once = steps.filter((s) => s.round === 1);
  const rows = once.map(({ drill, phase, startsAt, dose, circuit, ...step }, i) => ({
    id: drill.id,
    isTest: false,
    drill,
    number: i + 1,
    name: drill.name,
    phase: PHASE_NAMES[phase],
    opensPhase: once[i - 1]?.phase !== phase,
    opensCircuit: circuitOpenedBy(once[i]!, once),
    isInCircuit: circuit !== null,
    at: formatClock(startsAt),
    dose: formatDose(dose),
    // Why another drill stands there is for the coach.
    offers: offersInWords({ ...step, insteadOf: null }),
    kit: needsOf(drill, gym),
    cue: drill.cues[0] ?? "",
  }));
  const testsAfter = (after: string | null) =>
    tests.filter((t) => t.after === after).map((t) => testRow(t, gym));
  return [...testsAfter(null), ...rows.flatMap((row) => [row, ...testsAfter(row.id)])];
}

function testRow({ test, drill, looksFor, startsAt, seconds }: PlanTest, gym: GymKit): CardDrill {
  return {
    id: `test ${test} ${startsAt}`,
    isTest: true,
    drill,
    number: null,
    name: `Test: ${drill.name}`,
    phase: "Test",
    opensPhase: false,
    opensCircuit: null,
    isInCircuit: false,
    at: formatClock(startsAt),
    dose: formatSeconds(seconds),
    offers: [],
    kit: needsOf(drill, gym),
    cue: looksFor,
  };
}

function rampOf({ kit, sets, working }: Ramp, { unit }: GymKit, isNoted: boolean): CardRamp {
  const hasPlates = isBarKit(kit);
  const rows = [...sets, null].map((set): CardRampRow => {
    const load = set ?? working;
    return {
      isWork: set === null,
      weight: formatWeight(load.weight),
      unit: loadUnit(kit, unit),
      reps: set ? `× ${set.reps}` : "work",
      perSide: load.perSide,
      plates: hasPlates ? load.perSide.map(formatWeight).join(" + ") || "empty" : null,
      change: describeLoad(kit, load, unit),
      rest: set ? formatSeconds(set.restSeconds) : "",
      fraction: set?.fraction ?? 1,
      notes: isNoted && set ? set.notes : [],
    };
  });
  return { hasPlates, rows };
}
