import type { AthleteProfile } from "../athlete";
import { approachFor, type Catalog, type EquipmentId } from "../catalog";
import type { PlannedLift, PlanRequest } from "../plan";
import { barKit, type PlateKind } from "../plates";
import type { UnitSystem, Weight } from "../units";
import type { WarmUpDraft } from "./draft";

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
  workingWeights: readonly WorkingWeight[];
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
  bar: { name: string; weight: Weight; collar: Weight };
  plates: readonly GymPlate[];
  equipment: readonly EquipmentId[];
  /** How many there are of things that one person uses at a time; absent: enough for all. */
  counts?: Readonly<Partial<Record<EquipmentId, number>>>;
}

/**
 * The plan request for a draft, an athlete and a gym. Lifts and approaches that the catalog no longer has are
 * replaced by its first ones. Drills without lifting have an approach of their own.
 */
export function planRequestFor(
  draft: WarmUpDraft,
  athlete: AthleteProfile,
  gym: GymKit,
  catalog: Catalog,
): PlanRequest {
  const kit = barKit(gym.bar.weight, gym.bar.collar, gym.plates);
  const lifts = draft.lifts.map((d): PlannedLift => {
    const { weight, reps, sets, rir } = d;
    return {
      lift: catalog.lifts.find((l) => l.id === d.lift) ?? catalog.lifts[0]!,
      kit,
      working: weight === null ? null : { weight, reps, sets, rir },
      backOffs: d.backOffs,
      pairedWithNext: d.pairedWithNext,
      rampSets: d.rampSets ?? undefined,
      fixed: d.fixed,
    };
  });
  return {
    unit: gym.unit,
    lifts,
    minutes: draft.minutes,
    athlete,
    approach: approachFor(catalog, lifts[0]!.lift, draft.approach),
    room: draft.room,
    equipment: new Set(gym.equipment),
    own: draft.own,
    dropped: draft.dropped,
    taken: draft.taken ?? undefined,
    drills: catalog.drills,
  };
}
