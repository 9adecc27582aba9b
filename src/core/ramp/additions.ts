import { SET_UP_SECONDS } from "./constants";
import type { RampFinding, RampLift, RampSet } from "./types";

export const ADDITION_IDS = ["bar-complex", "barefoot", "pause-above-knee", "receive-and-hold"] as const;
export type AdditionId = (typeof ADDITION_IDS)[number];

/** The Olympic lifts by how they are built up. */
export type OlympicFamily = "snatch" | "clean" | "jerk";

/** Something done with the first ramp sets of an Olympic lift for the sake of technique. */
export interface Addition {
  id: AdditionId;
  name: string;
  description: string;
  families: readonly OlympicFamily[];
  /** It goes with so many of the first sets, and only up to this share of the working weight. */
  mostSets: number;
  upTo: number;
}

const ALL: readonly OlympicFamily[] = ["snatch", "clean", "jerk"];
const PULLED: readonly OlympicFamily[] = ["snatch", "clean"];

export const ADDITIONS: Record<AdditionId, Addition> = {
  "bar-complex": {
    id: "bar-complex",
    name: "Bar complex first",
    description: "Once through the parts of the lift with the empty bar, then plates.",
    families: ALL,
    mostSets: 1,
    upTo: 1,
  },
  barefoot: {
    id: "barefoot",
    name: "Barefoot",
    description: "The first sets without shoes and socks: a stable foot, and toes that stay down.",
    families: ALL,
    mostSets: 3,
    upTo: 0.6,
  },
  "pause-above-knee": {
    id: "pause-above-knee",
    name: "Pause above the knee",
    description: "Stopped there on the first reps: no momentum, and the way past the knee is learnt.",
    families: PULLED,
    mostSets: 5,
    upTo: 0.8,
  },
  "receive-and-hold": {
    id: "receive-and-hold",
    name: "Receive and hold",
    description: "The lift, a squat with the bar as received and held low, and the lift again.",
    families: PULLED,
    mostSets: 5,
    upTo: 0.75,
  },
};

/** What each family goes through with the empty bar, and how many repetitions that is. */
const COMPLEXES: Record<OlympicFamily, { parts: string; reps: number }> = {
  snatch: { parts: "good morning, back squat, wide push press, overhead squat, muscle snatch", reps: 25 },
  clean: { parts: "Romanian deadlift, front squat, tall clean, muscle clean", reps: 20 },
  jerk: { parts: "press in split, dip and drive, push press", reps: 15 },
};
/** Each part of a bar complex. */
const PART_REPS = 5;
const SECONDS_PER_PART_REP = 2;
const PAUSE_SECONDS = 2;
/** Within the 5 to 10 s in which a position can be felt. */
const HOLD_SECONDS = 8;
const SQUAT_SECONDS = 4;
const RECEIVED: Record<OlympicFamily, string> = {
  snatch: "overhead squat",
  clean: "front squat",
  jerk: "front squat",
};

/** The additions that a lift can have at all. */
export function additionsFor(lift: Pick<RampLift, "family">): Addition[] {
  const { family } = lift;
  return family ? Object.values(ADDITIONS).filter((a) => a.families.includes(family)) : [];
}

/** How many of the first sets an addition goes with. */
function setsWith({ mostSets, upTo }: Addition, sets: readonly RampSet[]): number {
  const tooHeavy = sets.findIndex((s) => s.fraction > upTo);
  return Math.min(mostSets, tooHeavy < 0 ? sets.length : tooHeavy);
}

/** The additions that are wanted but go with no set: they begin too heavy. */
export function additionFindings(
  sets: readonly RampSet[],
  lift: Pick<RampLift, "family">,
  wanted: readonly AdditionId[],
): RampFinding[] {
  if (sets.length === 0) return [];
  return additionsFor(lift)
    .filter((a) => wanted.includes(a.id) && setsWith(a, sets) === 0)
    .map(({ name, upTo }) => ({
      code: "addition-left-out",
      message: `${name}: no set is light enough, up to ${Math.round(100 * upTo)} % of the working weight. Set the bar on blocks, or begin with a lighter one.`,
    }));
}

/**
 * Sets with their technique additions: other repetitions, more seconds, what to do as notes. What does not suit the
 * lift is left out. A bar complex needs a first set with the empty bar.
 *
 * @param empty whether the first set is the empty bar.
 */
export function withAdditions(
  sets: readonly RampSet[],
  lift: Pick<RampLift, "family">,
  wanted: readonly AdditionId[],
  { empty, receivesLow }: { empty: boolean; receivesLow: boolean },
): RampSet[] {
  const additions = additionsFor(lift).filter((a) => wanted.includes(a.id));
  const until = new Map(additions.map((a) => [a.id, setsWith(a, sets)]));
  const family = lift.family!;
  const isIn = (id: AdditionId, i: number) => i < (until.get(id) ?? 0);
  return sets.map((set, i) => {
    const notes: string[] = [];
    if (isIn("barefoot", i)) {
      notes.push(i === 0 ? "Barefoot, socks off" : "Barefoot");
      if (!receivesLow) notes.push("Power version");
    }
    if (until.get("barefoot") === i && i > 0) notes.push("Shoes on from here");
    if (i === 0 && empty && isIn("bar-complex", i)) {
      const { parts, reps } = COMPLEXES[family];
      return {
        ...set,
        reps: PART_REPS,
        seconds: reps * SECONDS_PER_PART_REP + SET_UP_SECONDS,
        notes: [`Bar complex, ${PART_REPS} each: ${parts}`, ...notes],
      };
    }
    let { reps, seconds } = set;
    if (isIn("receive-and-hold", i) && reps > 1) {
      const left = reps - 2;
      seconds += SQUAT_SECONDS + HOLD_SECONDS - left * ((seconds - SET_UP_SECONDS) / reps);
      reps = 2;
      notes.push(`Lift, ${RECEIVED[family]} held low ${HOLD_SECONDS} s, lift`);
    }
    const paused = isIn("pause-above-knee", i) ? pausedReps(reps) : 0;
    if (paused > 0) {
      seconds += paused * PAUSE_SECONDS;
      notes.push(`Pause ${PAUSE_SECONDS} s above the knee on the first ${paused === 1 ? "rep" : "two reps"}`);
    }
    return { ...set, reps, seconds: Math.round(seconds), notes: [...notes, ...set.notes] };
  });
}

/** On the first two of three or more, on the first of two; singles go without. */
function pausedReps(reps: number): number {
  return Math.min(2, reps - 1);
}
