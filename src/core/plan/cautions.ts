import { type AthleteRecord, ageOn } from "../athlete";
import { AREAS, type AthleteArea, type Drill, type Lift } from "../catalog";
import type { PlanOutline, PlanRequest } from "./types";

/** A usual caution that applies to a warm-up. */
export interface Caution {
  id: string;
  message: string;
}

const ADULT_FROM = 18;

const STOP: Caution = {
  id: "stop",
  message: "Chest pain, unusual breathlessness or faintness: stop everything and get emergency help.",
};
const CLINICIAN: Caution = {
  id: "clinician",
  message:
    "Not medical advice. Persisting or sharp pain, numbness, dizziness, recent surgery or injury: see a licensed clinician first. Follow the gym's rules and the equipment's rated load.",
};

/**
 * The usual cautions for a warm-up, each once: those of the lift, of the kit in use, of the athlete's areas and
 * age, the drills' own, and last the two that always apply.
 *
 * @param age in years; null if not known.
 */
export function cautionsFor(warmUp: {
  lifts: readonly Lift[];
  drills: readonly Drill[];
  areas: readonly AthleteArea[];
  age: number | null;
}): Caution[] {
  const { lifts, drills, areas, age } = warmUp;
  const found: Caution[] = [];
  const uses = (kit: string) => drills.some((d) => d.equipment.some((need) => need[0]?.startsWith(kit)));
  const looksAfter = (area: string) => areas.some((a) => a.area === area);

  if (age !== null && age < ADULT_FROM) {
    found.push({ id: "young", message: "Young lifter: qualified supervision throughout." });
  }
  for (const { area, level } of areas) {
    if (level === "avoid")
      found.push({ id: `avoid-${area}`, message: `${AREAS[area]}: to be avoided today.` });
    if (level === "sore") {
      found.push({
        id: `sore-${area}`,
        message: `${AREAS[area]} is sore: pain of 4 of 10 or more, sharp or rising, ends the lift; see a licensed clinician.`,
      });
    }
  }
  if (lifts.length > 0) {
    const spotted = lifts.some((l) => l.spotted);
    found.push({
      id: "bar",
      message: spotted ? "Collars on, safeties set, a spotter for the heavy sets." : "Collars on.",
    });
  }
  if (looksAfter("shoulder")) {
    found.push({ id: "shoulder", message: "Shoulder: no behind-neck work, no wide-elbow full stretch." });
  }
  if (looksAfter("low-back")) {
    found.push({ id: "low-back", message: "Low back: no loaded rounding, no end-range extension." });
  }
  if (looksAfter("knee")) {
    found.push({ id: "knee", message: "Knees: hips back first, helped squats before full ones." });
  }
  if (uses("band") || uses("mini-band")) {
    found.push({
      id: "bands",
      message: "Bands: check for cracks, anchor to what cannot move, never let go under tension.",
    });
  }
  if (uses("roller")) {
    found.push({ id: "roller", message: "Roller: not on bone, not on the low back, no sharp pain." });
  }
  if (drills.some((d) => d.phases[0] === "power" || d.impact === "high")) {
    found.push({ id: "jumps", message: "Jumps: low, land softly, stop when landings get loud." });
  }
  for (const drill of new Set(drills)) {
    if (drill.caution) found.push({ id: drill.id, message: `${drill.name}: ${drill.caution}` });
  }
  return [...found, CLINICIAN, STOP];
}

/** The cautions that go with one athlete's planned warm-up on a day; see `cautionsFor`. */
export function cautionsOf(
  { lifts }: Pick<PlanRequest, "lifts">,
  { steps }: Pick<PlanOutline, "steps">,
  { areas, birthYear }: Pick<AthleteRecord, "areas" | "birthYear">,
  day: string,
): Caution[] {
  return cautionsFor({
    lifts: lifts.map((l) => l.lift),
    drills: steps.map((s) => s.drill),
    areas,
    age: ageOn(birthYear, day),
  });
}
