import type { EquipmentId } from "@/core/catalog";

/** The demo hall: a strength cooperative in a former rope works in the harbour town of Skerrow Haven. */
export const hall = {
  id: "rope-works",
  name: "Rope Works Hall",
  unit: "kg" as const,
  bar: { name: "Hall bar", weight: 20, collar: 0 },
  /** The members painted the plates with what the works had left. */
  plates: [
    { weight: 25, pairs: 4, fullDiameter: true, colour: "#6e2f2a", diameterMm: 450, thicknessMm: 64 },
    { weight: 20, pairs: 4, fullDiameter: true, colour: "#1f4a56", diameterMm: 450, thicknessMm: 54 },
    { weight: 15, pairs: 2, fullDiameter: true, colour: "#7c6a2d", diameterMm: 450, thicknessMm: 44 },
    { weight: 10, pairs: 2, fullDiameter: true, colour: "#55617a", diameterMm: 450, thicknessMm: 34 },
    { weight: 5, pairs: 2, fullDiameter: false, colour: "#8d8a80", diameterMm: 230, thicknessMm: 26 },
    { weight: 2.5, pairs: 2, fullDiameter: false, colour: "#3c4148", diameterMm: 190, thicknessMm: 20 },
    { weight: 1.25, pairs: 2, fullDiameter: false, colour: "#b3a98f", diameterMm: 160, thicknessMm: 16 },
  ],
  equipment: [
    "rower",
    "bike",
    "rope",
    "stick",
    "band-light",
    "band-medium",
    "band-heavy",
    "mini-band",
    "bar",
    "rack",
    "bench",
    "box",
    "dumbbell",
    "kettlebell",
    "light-plate",
    "roller",
    "medicine-ball",
    "pull-up-bar",
  ] satisfies EquipmentId[],
};
