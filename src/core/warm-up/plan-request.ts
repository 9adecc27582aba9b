import type { AthleteProfile } from "../athlete";
import { approachFor, type Catalog, type EquipmentId, kitWithout } from "../catalog";
import type { PlannedLift, PlanRequest } from "../plan";
import { isBarKit, type LoadKit, nearestLoadable, type PinStack, type PlateKind } from "../plates";
import { type DoneSet, type RampStyleId, usualPlates } from "../ramp";
import type { UnitSystem, Weight } from "../units";
import type { WarmUpDraft } from "./draft";
import { liftKit } from "./lift-kit";

/** What is known of an athlete. */
export interface AthleteRecord extends AthleteProfile {
  id: string;
  name: string;
  group: string;
  birthYear: number | null;
  bodyWeight: Weight | null;
  /** The unit of the body weight and working weights. */
  unit: UnitSystem;
  note: string;
  /** The last of each lift, the newest first. */
  workingWeights: readonly WorkingWeight[];
  /** The last one-repetition maximum of each lift that was lifted or told, not estimated. */
  maxima: readonly OneRepMax[];
  /** A bar that the athlete brings along, its weight in the athlete's unit; null: the gym's. */
  ownBar: { name: string; weight: Weight } | null;
  /** What the athlete cannot use. */
  cannotUse: readonly EquipmentId[];
  /** The approach and the style of ramp that this athlete always has; null: as the session has it. */
  approach: string | null;
  rampStyle: RampStyleId | null;
}

/** What of it a plan is made from. */
export type PlannedAthlete = AthleteProfile &
  Pick<AthleteRecord, "bodyWeight" | "unit" | "ownBar" | "cannotUse">;

export interface OneRepMax {
  lift: string;
  weight: Weight;
  /** ISO day. */
  day: string;
}

export interface WorkingWeight {
  lift: string;
  weight: Weight;
  reps: number;
  sets: number;
  rir: number;
  /** ISO day. */
  day: string;
}

/** A plate as the gym has it, with what it takes to draw it. */
export interface GymPlate extends PlateKind {
  colour: string;
  diameterMm: number;
  thicknessMm: number;
}

export interface GymKit {
  id: string;
  name: string;
  unit: UnitSystem;
  /** The bar that is taken unless another one is named. */
  bar: { name: string; weight: Weight; collar: Weight };
  otherBars: readonly { name: string; weight: Weight }[];
  plates: readonly GymPlate[];
  /** One of each pair on the rack. */
  dumbbells: readonly Weight[];
  /** What the sledge of the plate machine weighs; null: there is none. */
  sledge: Weight | null;
  /** The stack of the pulldown; null: there is none. */
  stack: PinStack | null;
  /** What can take weight off a body. */
  help: readonly Weight[];
  equipment: readonly EquipmentId[];
  /** How many there are of things that one person uses at a time; absent: enough for all. */
  counts?: Readonly<Partial<Record<EquipmentId, number>>>;
}

/** A done set with plates of the kit: where the gym has lost some of them, the usual ones; null where none make it. */
function doneWith(kit: LoadKit, done: DoneSet): DoneSet | null {
  const isThere = !isBarKit(kit) || done.perSide.every((p) => kit.plates.some((k) => k.weight === p));
  if (isThere) return done;
  const perSide = usualPlates(kit, done.weight);
  return perSide && { ...done, perSide };
}

/**
 * The plan request for a draft, an athlete and a gym. Lifts and approaches that the catalog no longer has are
 * replaced by its first ones. Drills without lifting have an approach of their own.
 */
export function planRequestFor(
  draft: WarmUpDraft,
  athlete: PlannedAthlete,
  gym: GymKit,
  catalog: Catalog,
): PlanRequest {
  const lifts = draft.lifts.map((d): PlannedLift => {
    const { reps, sets, rir } = d;
    const lift = catalog.lifts.find((l) => l.id === d.lift) ?? catalog.lifts[0]!;
    const kit = liftKit(gym, lift, athlete, d.bar);
    // A gym may have lost plates since: the nearest lighter weight stands in, and it is said.
    const weight = kit && d.weight !== null ? nearestLoadable(kit, d.weight, false).lower : d.weight;
    return {
      lift,
      kit,
      working: weight === null ? null : { weight, reps, sets, rir },
      askedWeight: weight === d.weight ? undefined : (d.weight ?? undefined),
      backOffs: d.backOffs,
      pairedWithNext: d.pairedWithNext,
      style: d.rampStyle ?? undefined,
      start: d.rampStart ?? undefined,
      rampSets: d.rampSets ?? undefined,
      fixed: d.fixed,
      additions: d.additions,
      onBlocks: d.onBlocks,
      done: kit ? d.done.flatMap((set) => doneWith(kit, set) ?? []) : [],
      secondsLeft: d.secondsLeft ?? undefined,
    };
  });
  return {
    unit: gym.unit,
    lifts,
    minutes: draft.minutes,
    athlete,
    approach: approachFor(catalog, lifts[0]!.lift, draft.approach),
    room: draft.room,
    equipment: kitWithout(new Set(gym.equipment), athlete.cannotUse),
    own: draft.own,
    dropped: draft.dropped,
    taken: draft.taken ?? undefined,
    begun: draft.begun ?? undefined,
    drills: catalog.drills,
  };
}
