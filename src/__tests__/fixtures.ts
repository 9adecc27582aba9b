import fc from "fast-check";
import { shippedCatalog as catalog } from "@/catalog";
import type { AthleteRecord } from "@/core/athlete";
import { AREA_IDS, AREA_LEVELS, PHASES } from "@/core/catalog";
import { DEMAND_IDS } from "@/core/demands";
import type { Candidate } from "@/core/drills";
import type { GroupMember, GroupRequest } from "@/core/group";
import type { GymKit } from "@/core/gym";
import type { PlanRequest } from "@/core/plan";
import {
  type BarKit,
  barKit,
  type LoadTable,
  loadableTotals,
  loadTable,
  type PlateKind,
} from "@/core/plates";
import type { Ramp, RampLift, RampRequest } from "@/core/ramp";
import { type Weight, weight } from "@/core/units";
import { cases } from "@/lib/__tests__/cases";

const none = 0 as Weight;

export function plate(size: number, pairs: number, fullDiameter = size >= 10): PlateKind {
  return { weight: weight(size), pairs, fullDiameter };
}

/** A usual kg gym. */
export const kgGym: BarKit = barKit(weight(20), none, [
  plate(25, 2),
  plate(20, 2),
  plate(15, 1),
  plate(10, 2),
  plate(5, 2),
  plate(2.5, 2),
  plate(1.25, 2),
]);

/** A usual lb gym. */
export const lbGym: BarKit = barKit(weight(45), none, [
  plate(45, 4, true),
  plate(35, 1, false),
  plate(25, 1, false),
  plate(10, 2, false),
  plate(5, 2, false),
  plate(2.5, 1, false),
]);

export const squat: RampLift = { id: "squat", fromFloor: false, olympic: false, compound: true };
export const pull: RampLift = { id: "pull", fromFloor: true, olympic: false, compound: true };
export const clean: RampLift = { id: "clean", fromFloor: true, olympic: true, compound: true };

/** A ramp request for a bar with plates. */
export type BarRampRequest = RampRequest & { kit: BarKit };

export function rampRequest(kg: number, reps: number, change: Partial<BarRampRequest> = {}): BarRampRequest {
  return {
    unit: "kg",
    lift: squat,
    working: { weight: weight(kg), reps, sets: 3, rir: 0 },
    kit: kgGym,
    style: "closing-steps",
    experience: "intermediate",
    slowToWarm: 0,
    similarDone: 0,
    room: "normal",
    ...change,
  };
}

/** Gyms from poor to rich, kg and lb, with whole quarters of a unit so that loads collide as they do in life. */
export const anyGym = fc
  .record({
    unit: fc.constantFrom("kg" as const, "lb" as const),
    plates: fc.uniqueArray(
      fc.record({
        size: fc.constantFrom(25, 20, 15, 10, 5, 2.5, 2, 1.25, 1, 0.5),
        pairs: fc.integer({ min: 1, max: 3 }),
        full: fc.boolean(),
      }),
      { minLength: 1, maxLength: 6, selector: (p) => p.size },
    ),
  })
  .map(({ unit, plates }) => {
    const scale = unit === "kg" ? 1 : 2;
    return {
      unit,
      kit: barKit(
        weight(unit === "kg" ? 20 : 45),
        none,
        plates.map((p) => plate(p.size * scale, p.pairs, p.full)),
      ),
    };
  });

/** Every stack there is, by trying every count of every plate. */
export function everyStack(kit: BarKit): number[][] {
  let stacks: number[][] = [[]];
  kit.plates.forEach((p, kind) => {
    stacks = stacks.flatMap((s) =>
      Array.from({ length: p.pairs + 1 }, (_, c) => [...s, ...new Array<number>(c).fill(kind)]),
    );
  });
  return stacks;
}

/** What a stack weighs. */
export const sideOf = (kit: BarKit, stack: readonly number[]) =>
  stack.reduce((sum, kind) => sum + kit.plates[kind]!.weight, 0);

/** The stacks of at most `most` plates that weigh `side`, by trying every stack. */
export function stacksOf({ kit, fromFloor }: LoadTable, side: number, most: number): number[][] {
  return everyStack(kit).filter(
    (s) =>
      s.length <= most &&
      sideOf(kit, s) === side &&
      (!fromFloor || s.some((kind) => kit.plates[kind]!.fullDiameter)),
  );
}

/** Ramp requests over gyms, lifts, reps and athletes, each with a working weight that can be loaded. */
export const anyRampRequest: fc.Arbitrary<BarRampRequest> = fc
  .record({
    gym: anyGym,
    pick: fc.double({ min: 0, max: 1, noNaN: true }),
    reps: fc.integer({ min: 1, max: 20 }),
    lift: fc.constantFrom(squat, pull, clean),
    style: fc.constantFrom("closing-steps" as const, "even-steps" as const),
    experience: fc.constantFrom("beginner" as const, "intermediate" as const, "advanced" as const),
    slowToWarm: fc.constantFrom(0 as const, 1 as const, 2 as const, "sore" as const),
    similarDone: fc.constantFrom(0, 0.3, 0.6, 1),
    room: fc.constantFrom("normal" as const, "cold" as const),
  })
  .map(({ gym, pick, reps, ...rest }) => {
    const all = loadableTotals(loadTable(gym.kit, weight(400), false));
    const working = all[Math.min(all.length - 1, Math.floor(pick * all.length))]!;
    return { ...rest, ...gym, working: { weight: working, reps, sets: 3, rir: 0 } };
  });

/** The weights of a ramp's sets, without the first one where it is done again. */
export function stepsOf({ sets }: Pick<Ramp, "sets">): Weight[] {
  const weights = sets.map((s) => s.weight);
  return weights[0] === weights[1] ? weights.slice(1) : weights;
}

export const catalogLift = (id: string) => catalog.lifts.find((l) => l.id === id)!;
export const approach = (id: string) => catalog.approaches.find((a) => a.id === id)!;

export function planRequest(lift: string, kg: number, change: Partial<PlanRequest> = {}): PlanRequest {
  return {
    unit: "kg",
    lifts: [
      { lift: catalogLift(lift), kit: kgGym, working: { weight: weight(kg), reps: 5, sets: 3, rir: 1 } },
    ],
    minutes: 16,
    athlete: { experience: "intermediate", limiters: [], areas: [] },
    approach: approach("temperature-first"),
    room: "normal",
    equipment: null,
    own: [],
    dropped: [],
    drills: catalog.drills,
    ...change,
  };
}

/** A drill as it may be chosen, at half a minute of work in its usual phase. */
export function candidate(id: string, change: Partial<Candidate> = {}): Candidate {
  const drill = catalog.drills.find((d) => d.id === id)!;
  const [phase] = drill.phases;
  return {
    ...{ drill, phase: phase!, block: PHASES.indexOf(phase!), sets: 1, amount: 10, rounds: 1, circuit: null },
    ...{ workSeconds: 30, seconds: 36, serves: [], family: 0, job: "other", slot: null, ownShape: false },
    ...{ repeatsRamp: false, braces: false, limiterOf: [], onlyForLimiters: [], pinned: false },
    ...change,
  };
}

/** Plan requests over lifts, approaches, times, limiters and areas. */
export const anyPlanRequest: fc.Arbitrary<PlanRequest> = fc
  .record({
    lift: fc.constantFrom(...catalog.lifts.map((l) => l.id)),
    kg: fc.constantFrom(40, 60, 82.5, 120, 160),
    minutes: fc.integer({ min: 2, max: 40 }),
    approach: fc.constantFrom(...catalog.approaches),
    limiters: fc.uniqueArray(fc.constantFrom(...DEMAND_IDS), { maxLength: 4 }),
    areas: fc.uniqueArray(
      fc.record({ area: fc.constantFrom(...AREA_IDS), level: fc.constantFrom(...AREA_LEVELS) }),
      { maxLength: 3, selector: (a) => a.area },
    ),
    room: fc.constantFrom("normal" as const, "cold" as const),
  })
  .map(({ lift, kg, limiters, areas, ...change }) =>
    planRequest(lift, kg, { ...change, athlete: { experience: "intermediate", limiters, areas } }),
  );

/** So many different plan requests: planning takes a while, so each is used for many checks. */
export function somePlanRequests(count: number): PlanRequest[] {
  return fc.sample(anyPlanRequest, cases(count));
}

/** Runs a check and says for which request it failed. */
export function nameOnFailure(request: PlanRequest, check: () => void): void {
  try {
    check();
  } catch (error) {
    const { approach: by, drills: _, lifts, equipment, ...rest } = request;
    const what = lifts.map((l) => `${l.lift.id} ${l.working?.weight} × ${l.working?.reps}`).join(", ");
    const kit = equipment ? [...equipment].join(" ") : "any kit";
    (error as Error).message =
      `${what}; ${by.id}; ${kit}; ${JSON.stringify(rest)}\n${(error as Error).message}`;
    throw error;
  }
}

/** A kg gym with two pairs of each plate and nothing but a bar. */
export function gymWith(plates: readonly number[], equipment: GymKit["equipment"]): GymKit {
  const look = { colour: "#000000", diameterMm: 450, thicknessMm: 30 };
  return {
    id: "g",
    name: "Gym",
    unit: "kg",
    bar: { name: "Bar", weight: weight(20), collar: none },
    otherBars: [],
    plates: plates.map((kg) => ({ ...plate(kg, 2, kg >= 20), ...look })),
    dumbbells: [],
    sledge: null,
    stack: null,
    help: [],
    equipment,
  };
}

/** An athlete of whom nothing is known but what is given. */
export function athleteWith(known: Partial<AthleteRecord>): AthleteRecord {
  return {
    id: "a",
    name: "Athlete",
    group: "Group",
    unit: "kg",
    experience: "intermediate",
    birthYear: null,
    bodyWeight: null,
    note: "",
    limiters: [],
    areas: [],
    workingWeights: [],
    maxima: [],
    ownBar: null,
    cannotUse: [],
    reached: [],
    approach: null,
    rampStyle: null,
    ...known,
  };
}

/** One of a group who squats. */
export const groupMember = (id: string, change: Partial<GroupMember> = {}): GroupMember => ({
  id,
  name: id.toUpperCase(),
  athlete: { experience: "intermediate", limiters: [], areas: [] },
  lifts: [
    {
      lift: catalogLift("back-squat"),
      kit: kgGym,
      working: { weight: weight(100), reps: 5, sets: 3, rir: 1 },
    },
  ],
  ...change,
});

/** What a group is planned from. */
export const groupRequest = (members: GroupMember[], change: Partial<GroupRequest> = {}): GroupRequest => ({
  ...{ unit: "kg", minutes: 18, approach: approach("temperature-first"), room: "normal", equipment: null },
  ...{ own: [], dropped: [], drills: catalog.drills, counts: {}, members },
  ...change,
});
