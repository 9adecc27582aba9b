/** What a drill may need besides floor, wall and one's own body. */
export const EQUIPMENT = {
  rower: "Rower",
  bike: "Bike",
  rope: "Skipping rope",
  stick: "Stick",
  broom: "Broom handle",
  towel: "Towel",
  "band-light": "Light band",
  "band-medium": "Medium band",
  "band-heavy": "Heavy band",
  "mini-band": "Mini band",
  cable: "Cable",
  bar: "Barbell",
  rack: "Rack",
  bench: "Bench",
  box: "Box",
  dumbbell: "Dumbbell",
  kettlebell: "Kettlebell",
  "light-plate": "Light plates",
  roller: "Roller",
  slider: "Sliders",
  "medicine-ball": "Medicine ball",
  bag: "Bag",
  landmine: "Landmine",
  "pull-up-bar": "Pull-up bar",
  wrap: "Compression wrap",
  "toe-spacers": "Toe spacers",
} as const;
export type EquipmentId = keyof typeof EQUIPMENT;
export const EQUIPMENT_IDS = Object.keys(EQUIPMENT) as EquipmentId[];

/** What a drill uses of what a gym has: for each need the best alternative there is, else the usual one. */
export function kitInUse(
  needs: readonly (readonly EquipmentId[])[],
  available: readonly EquipmentId[],
): EquipmentId[] {
  return needs.map((need) => need.find((e) => available.includes(e)) ?? need[0]!);
}

/** Each entry is one thing needed; any of its alternatives will do, the best first. */
type Needs = readonly (readonly EquipmentId[])[];

/** What a gym has for drills: null is everything; things that one person uses at a time may be counted. */
export interface KitStock {
  equipment: ReadonlySet<EquipmentId> | null;
  counts: Readonly<Partial<Record<EquipmentId, number>>>;
}

/** Turns at a thing that a group may take before most of them stand and wait. */
export const MOST_TURNS = 2;

/** Whether a gym has everything that is needed; null: it has everything. */
export function hasKit(needs: Needs, equipment: ReadonlySet<EquipmentId> | null): boolean {
  return !equipment || needs.every((need) => need.some((e) => equipment.has(e)));
}

/** Machines on which one warms up at a steady pace. */
export const RAISE_MACHINES: readonly EquipmentId[] = ["rower", "bike"];

/** What is left for somebody who cannot use some of it. */
export function kitWithout(
  equipment: ReadonlySet<EquipmentId> | null,
  cannotUse: readonly EquipmentId[] = [],
): ReadonlySet<EquipmentId> | null {
  if (cannotUse.length === 0) return equipment;
  return new Set([...(equipment ?? EQUIPMENT_IDS)].filter((e) => !cannotUse.includes(e)));
}

/** Of what is used, the things of which there are only so many. */
export function countedKit(needs: Needs, { equipment, counts }: KitStock): EquipmentId[] {
  const used = kitInUse(needs, equipment ? [...equipment] : needs.flat());
  return used.filter((e) => counts[e] !== undefined);
}

/** How many turns so many people need until each has used everything; ∞ where there is none of a thing. */
export function turnsFor(needs: Needs, people: number, stock: KitStock): number {
  return Math.max(1, ...countedKit(needs, stock).map((e) => Math.ceil(people / stock.counts[e]!)));
}
