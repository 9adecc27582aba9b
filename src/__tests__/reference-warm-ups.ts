import { shippedCatalog as catalog } from "@/catalog";
import { type AreaId, type AreaLevel, drillById, type EquipmentId } from "@/core/catalog";
import type { DemandId } from "@/core/demands";
import { type AskedDemand, type Candidate, jobOf } from "@/core/drills";
import type { Experience } from "@/core/ramp";
import type { WrittenStep } from "@/core/review";

/** A warm-up as a coach of its approach writes it: what it is for, and what it has. */
export interface ReferenceWarmUp {
  approach: string;
  lift: string;
  kg: number;
  reps: number;
  minutes: number;
  kit: readonly EquipmentId[];
  experience: Experience;
  limiters: readonly DemandId[];
  areas: readonly { area: AreaId; level: AreaLevel }[];
  /** Drills in their order; `essential` ones, or another of the same job, have to be there. */
  drills: readonly { id: string; essential: boolean; sets: number; amount: number }[];
  /** Fewest and most seconds of raise, and number of drills. */
  raise: readonly [number, number];
  count: readonly [number, number];
}

type Who = Partial<Pick<ReferenceWarmUp, "experience" | "limiters" | "areas">>;

/** @param drills "id amount" or "id sets×amount", separated by commas, the essential ones with a star. */
function reference(
  approach: string,
  [lift, kg, reps, minutes]: readonly [string, number, number, number],
  kit: string,
  drills: string,
  raise: readonly [number, number],
  count: readonly [number, number],
  who: Who = {},
): ReferenceWarmUp {
  const written = drills.split(",").map((text) => {
    const [id, dose] = text.trim().replace("*", "").split(" ");
    const [sets, amount] = dose!.includes("×") ? dose!.split("×").map(Number) : [1, Number(dose)];
    return { id: id!, essential: text.includes("*"), sets: sets!, amount: amount! };
  });
  return {
    ...{
      approach,
      lift,
      kg,
      reps,
      minutes,
      kit: kit.split(" ") as EquipmentId[],
      drills: written,
      raise,
      count,
    },
    ...{ experience: "intermediate", limiters: [], areas: [], ...who },
  };
}

const stiffAnkles: Who = { limiters: ["ankle-dorsiflexion"] };

/** Three warm-ups for each approach. */
export const references: readonly ReferenceWarmUp[] = [
  reference(
    "temperature-first",
    ["back-squat", 100, 5, 18],
    "rower rack bar stick mini-band band-light box roller",
    "*easy-row 300, *leg-swing-front 10, *side-lunge 6, toe-to-ceiling 10, *band-walk 12, dead-bug 6, *body-weight-squat 10",
    [240, 430],
    [6, 10],
  ),
  reference(
    "temperature-first",
    ["bench-press", 80, 5, 15],
    "bike bench bar band-light stick",
    "*easy-bike 240, arm-swings 10, *quadruped-thread 8, *band-pull-apart 12, *tucked-external-rotation 10, *empty-bar-bench 8",
    [180, 430],
    [5, 9],
  ),
  reference(
    "temperature-first",
    ["power-clean", 70, 3, 20],
    "rower rack bar stick box",
    "*easy-row 300, *leg-swing-front 10, side-lunge 6, toe-to-ceiling 10, dead-bug 6, low-box-jump 4, *clean-grip-rdl 5, *muscle-clean 3×3, *rack-elbow-lifts 5",
    [240, 430],
    [7, 10],
    { limiters: ["front-rack"] },
  ),
  reference(
    "bar-first",
    ["back-squat", 140, 3, 10],
    "bar rack stick",
    "*knee-to-wall 2×30, body-weight-squat 10",
    [0, 0],
    [1, 3],
    { ...stiffAnkles, experience: "advanced" },
  ),
  reference(
    "bar-first",
    ["bench-press", 100, 3, 9],
    "bar bench band-light",
    "*band-pull-apart 12, empty-bar-bench 8",
    [0, 0],
    [1, 4],
  ),
  reference(
    "bar-first",
    ["snatch", 60, 2, 11],
    "bar rack stick",
    "*stick-pass-through 10, empty-bar-overhead-squat 5, *muscle-snatch 3×3",
    [0, 0],
    [2, 4],
    { limiters: ["shoulder-flexion"], experience: "advanced" },
  ),
  reference(
    "every-joint",
    ["deadlift", 120, 5, 15],
    "bar",
    "*neck-turns 10, *arm-circles 10, arm-swings 10, *side-tilt 10, *fixed-hip-trunk-turn 10, *hip-circles 6, *leg-swing-front 10, leg-swing-side 10, *ankle-circles 8, *plank-shoulder-taps 8, *reverse-lunge-knee-drive 8",
    [0, 130],
    [9, 14],
  ),
  reference(
    "every-joint",
    ["overhead-press", 50, 5, 13],
    "bar rack stick",
    "*neck-turns 10, *stick-pass-through 10, stick-figure-eight 8, *side-tilt 10, *toe-to-ceiling 10, *hip-circles 6, *leg-swing-front 10, *ankle-circles 8, *scapular-press-up 10, *reverse-lunge-knee-drive 8",
    [0, 130],
    [9, 14],
  ),
  reference(
    "every-joint",
    ["front-squat", 80, 5, 17],
    "bar rack stick",
    "*neck-circles 10, arm-circles 10, *stick-pass-through 10, *wrist-circles 10, side-tilt 10, *fixed-hip-trunk-turn 10, *hip-circles 6, *leg-swing-front 10, *ankle-circles 8, *knee-to-wall 30, *scapular-press-up 10, *reverse-lunge-knee-drive 8",
    [0, 130],
    [10, 15],
    stiffAnkles,
  ),
  reference(
    "one-per-job",
    ["back-squat", 95, 6, 18],
    "bar rack band-light mini-band bench",
    "*cossack-squat 5, *tucked-external-rotation 10, *bench-y-raise 10, *dead-bug 6, *glute-bridge 10",
    [0, 0],
    [5, 6],
  ),
  reference(
    "one-per-job",
    ["pull-up", 80, 6, 15],
    "pull-up-bar band-light bench",
    "*hip-circles 6, *face-pull 12, *bench-y-raise 10, *front-plank 30, *glute-bridge 10",
    [0, 0],
    [5, 6],
  ),
  reference(
    "one-per-job",
    ["deadlift", 130, 5, 22],
    "bar band-light mini-band slider",
    "*ninety-ninety 10, reverse-lunge-slide 6, *tucked-external-rotation 10, *prone-y-raise 10, *bird-dog 6, *single-leg-bridge 6",
    [0, 0],
    [5, 7],
    { experience: "advanced" },
  ),
  reference(
    "deep-mobility",
    ["back-squat", 90, 5, 28],
    "roller band-heavy band-light mini-band rack bar kettlebell",
    "*figure-four-lying 2×20, *ninety-ninety 3×10, leg-swing-side 10, *band-assisted-deep-squat 2×30, *band-walk 12, *assisted-squat 2×6, *body-weight-squat 10, *tempo-goblet-squat 8",
    [0, 190],
    [8, 13],
    { limiters: ["hip-internal-rotation"] },
  ),
  reference(
    "deep-mobility",
    ["snatch", 55, 3, 32],
    "roller band-light stick bar rack bench",
    "*upper-back-roller 2×60, *wall-lat-triceps-stretch 2×30, *bench-prayer-rock 2×8, *band-pass-over 2×10, knee-to-wall 30, *band-pull-apart 12, *stick-overhead-squat 2×6, *empty-bar-overhead-squat 5, *muscle-snatch 3×3",
    [0, 190],
    [8, 14],
    { limiters: ["thoracic-extension"] },
  ),
  reference(
    "deep-mobility",
    ["bench-press", 75, 6, 24],
    "roller band-light stick bench bar",
    "*upper-back-roller 60, *chest-doorway-stretch 2×30, *band-pass-over 2×10, *quadruped-thread 8, *band-pull-apart 2×12, *tucked-external-rotation 10, *empty-bar-bench 8",
    [0, 190],
    [6, 12],
    { limiters: ["chest-length"] },
  ),
  reference(
    "bar-complex",
    ["back-squat", 85, 5, 16],
    "rower bar rack stick",
    "*easy-row 180, *leg-swing-front 10, *trap-elbow-lifts 5, hip-circles 6, *empty-bar-back-squat 5",
    [120, 310],
    [5, 10],
  ),
  reference(
    "bar-complex",
    ["snatch", 55, 2, 18],
    "bike bar rack stick",
    "*easy-bike 180, *stick-pass-through 10, *toe-grab-squat 8, *clean-grip-rdl 5, *empty-bar-overhead-squat 5, wide-push-press 5, *muscle-snatch 3×3",
    [120, 310],
    [7, 11],
  ),
  reference(
    "bar-complex",
    ["deadlift", 110, 5, 14],
    "rower bar stick",
    "*easy-row 180, *leg-swing-front 10, *good-morning 8, *light-romanian-deadlift 8",
    [120, 310],
    [4, 9],
  ),
  reference(
    "basics-circuit",
    ["deadlift", 90, 5, 12],
    "bar box",
    "walk-to-jog 120, *body-weight-squat 10, *forward-lunge 6, *hinge-drill 10, *glute-bridge 10",
    [0, 310],
    [4, 7],
  ),
  reference(
    "basics-circuit",
    ["bench-press", 60, 8, 13],
    "bike bench bar band-light",
    "*easy-bike 180, *body-weight-squat 10, forward-lunge 6, *hinge-drill 10, *glute-bridge 10, *press-up 8",
    [120, 310],
    [5, 8],
    { experience: "beginner" },
  ),
  reference(
    "basics-circuit",
    ["back-squat", 60, 8, 14],
    "bike rack bar box",
    "*easy-bike 240, *body-weight-squat 10, *step-up 6, *hinge-drill 10, *glute-bridge 10, knee-to-wall 30",
    [120, 310],
    [5, 8],
    { ...stiffAnkles, experience: "beginner" },
  ),
  reference(
    "slow-starter",
    ["deadlift", 100, 5, 19],
    "bike bar band-light mini-band",
    "*easy-bike 360, hip-flexor-stretch 20, *leg-swing-side 10, *glute-bridge 10, *hinge-drill 10",
    [300, 610],
    [4, 9],
    { areas: [{ area: "low-back", level: "slow" }] },
  ),
  reference(
    "slow-starter",
    ["overhead-press", 40, 8, 16],
    "rower bar band-light bench",
    "*easy-row 300, *band-pass-over 10, arm-circles 10, *band-pull-apart 12, *empty-bar-press 8",
    [240, 610],
    [4, 9],
    { areas: [{ area: "shoulder", level: "slow" }] },
  ),
  reference(
    "slow-starter",
    ["front-squat", 50, 6, 21],
    "bike rack bar band-light",
    "*easy-bike 420, *rack-elbow-lifts 5, *leg-swing-front 10, *glute-bridge 10, *assisted-squat 2×6, *body-weight-squat 10",
    [300, 610],
    [5, 10],
    { areas: [{ area: "knee", level: "sore" }] },
  ),
];

/** A reference's drills as somebody has written them down. */
export function stepsOf({ drills }: ReferenceWarmUp): WrittenStep[] {
  return drills.map(({ id, sets, amount }) => {
    return { drill: drillById(catalog, id)!, block: 0, sets, amount, side: "both" };
  });
}

/** Whether a plan does what a drill of a reference is there for: that drill, its job, or what it is for by 2 or more. */
export function isDone(id: string, chosen: readonly Candidate[], demands: readonly AskedDemand[]): boolean {
  const drill = drillById(catalog, id)!;
  const jobs = drill.phases.map((phase) => jobOf(drill, phase, demands));
  return chosen.some(
    (c) =>
      c.drill.id === id ||
      jobs.some((j) => j.id === c.job || (c.drill.serves[demands[j.demand]!.demand] ?? 0) >= 2),
  );
}
