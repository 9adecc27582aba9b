import type { Approach, Drill, Lift, Phase } from "@/core/catalog";
import type { DemandId } from "@/core/demands";

/** A drill of the body alone, eight repetitions, as a coach begins to describe one. */
export function plainDrill({
  phase,
  serves,
}: {
  phase: Phase;
  serves: DemandId;
}): Omit<Drill, "id" | "name"> {
  return {
    phases: [phase],
    serves: { [serves]: 2 },
    planes: ["sagittal"],
    position: "standing",
    equipment: [],
    dose: {
      kind: "reps",
      ...{ sets: [1, 1, 2], amount: [6, 8, 12], sides: 1, directions: 1 },
      ...{ secondsPerUnit: 3, restSeconds: 0, step: 1 },
    },
    ...{ setUpSeconds: 5, effort: 2, impact: "none", mode: "dynamic", stretch: false, assisted: false },
    load: { kind: "none" },
    ...{ substitutes: [], avoid: [], how: "", cues: [], faults: [], figure: null },
  };
}

/** A barbell lift that asks for one thing. */
export function plainLift({ asks }: { asks: DemandId }): Omit<Lift, "id" | "name"> {
  return {
    ...{ asks: { [asks]: 3 }, pattern: null, primeMovers: [], loads: [], implement: "barbell" },
    ...{ fromFloor: false, olympic: false, compound: true, spotted: false, figure: null },
  };
}

/** An approach of four plain jobs: raise, mobilise, activate and rehearse what the lift asks for. */
export function plainApproach(): Omit<Approach, "id" | "name"> {
  const phase = (of: Phase, mostDrills: number, most: number) => ({
    ...{ phase: of, mostDrills, most, least: 0, shortPrice: 0 },
  });
  const job = (name: string, of: Phase, points: number, most: number) => ({
    ...{ name, phase: of, points, filledBy: {}, drills: { least: 1, most } },
  });
  return {
    belief: "",
    summary: "Raise, then mobilise and activate what the lift asks for, then rehearse it.",
    givesUp: "what the lift asks least for",
    phases: [
      phase("raise", 1, 300),
      phase("mobilise", 4, 480),
      phase("activate", 3, 300),
      phase("rehearse", 2, 180),
    ],
    slots: [
      job("Raise", "raise", 30, 1),
      job("Mobility", "mobilise", 8, 3),
      job("Activation", "activate", 10, 3),
      job("Lift's own shape", "rehearse", 12, 2),
    ],
    ...{ onlySlots: false, leavesOut: [], holds: false, circuit: null, pairs: [], formats: [] },
    pace: { from: 2, every: 90, most: 12 },
    places: { shoulders: 2 },
    ...{ floors: {}, planes: [], favours: [], progressionsIn: [], bodyOrder: null },
    limiters: { most: 2, secondsEach: 90, secondsAll: 180, place: "in-phase" },
    ...{ rampServes: [], rampStyle: "even-steps", laterRamps: "shorter", rampShare: 0.6 },
    typicalMinutes: { from: 10, to: 15 },
  };
}
