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
