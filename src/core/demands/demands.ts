/** What a demand is about: a joint range, a muscle that must work, a movement pattern, or the whole system. */
export type DemandKind = "range" | "activation" | "pattern" | "system";

export interface Demand {
  name: string;
  kind: DemandKind;
}

const range = (name: string) => ({ name, kind: "range" }) as const;
const activation = (name: string) => ({ name, kind: "activation" }) as const;
const pattern = (name: string) => ({ name, kind: "pattern" }) as const;
const system = (name: string) => ({ name, kind: "system" }) as const;

/** Everything a lift can ask of the body and a drill can serve. The order is the order on screen. */
export const DEMANDS = {
  "ankle-dorsiflexion": range("Ankle dorsiflexion"),
  "knee-flexion": range("Knee flexion"),
  "hip-flexion": range("Hip flexion"),
  "hip-extension": range("Hip extension"),
  "hip-external-rotation": range("Hip external rotation and adductors"),
  "hip-internal-rotation": range("Hip internal rotation"),
  "hamstring-length": range("Hamstring length"),
  "thoracic-extension": range("Thoracic extension"),
  "thoracic-rotation": range("Thoracic rotation"),
  "shoulder-flexion": range("Shoulder flexion"),
  "shoulder-external-rotation": range("Shoulder external rotation"),
  "shoulder-internal-rotation": range("Shoulder internal rotation"),
  "shoulder-extension": range("Shoulder extension"),
  "lat-triceps-length": range("Lat and triceps length"),
  "front-rack": range("Front-rack position"),
  "chest-length": range("Chest length"),
  "wrist-extension": range("Wrist extension"),
  neck: range("Neck"),
  "glute-max": activation("Glute max"),
  "glute-med": activation("Glute med"),
  hamstrings: activation("Hamstrings"),
  quads: activation("Quads"),
  "calf-foot": activation("Calf and foot"),
  "trunk-extension": activation("Trunk against extension"),
  "trunk-side-bending": activation("Trunk against side-bending"),
  "trunk-rotation": activation("Trunk against rotation"),
  "scapular-retraction": activation("Scapular retraction"),
  "lower-traps": activation("Lower traps and upward rotation"),
  "rotator-cuff": activation("Rotator cuff"),
  lats: activation("Lats"),
  biceps: activation("Biceps"),
  deltoids: activation("Deltoids"),
  pecs: activation("Pecs"),
  triceps: activation("Triceps"),
  grip: activation("Grip and forearm"),
  squat: pattern("Squat"),
  hinge: pattern("Hinge"),
  lunge: pattern("Lunge and single-leg"),
  "horizontal-push": pattern("Horizontal push"),
  "horizontal-pull": pattern("Horizontal pull"),
  "vertical-push": pattern("Vertical push"),
  "vertical-pull": pattern("Vertical pull"),
  "olympic-pull": pattern("Olympic pull"),
  "receiving-overhead": pattern("Receiving overhead"),
  "receiving-rack": pattern("Receiving in the rack"),
  "dip-drive": pattern("Dip and drive"),
  "jump-land": pattern("Jump and land"),
  carry: pattern("Carry"),
  temperature: system("Temperature and breathing"),
  speed: system("Speed"),
} as const satisfies Record<string, Demand>;

export type DemandId = keyof typeof DEMANDS;

export const DEMAND_IDS = Object.keys(DEMANDS) as DemandId[];

/** How much of each demand is asked or served, 1 to 3; absent is 0. */
export type DemandWeights = Partial<Record<DemandId, 1 | 2 | 3>>;

export function isDemandId(id: string): id is DemandId {
  return Object.hasOwn(DEMANDS, id);
}
