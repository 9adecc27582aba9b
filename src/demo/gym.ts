import type { EquipmentId } from "@/core/catalog";

/** The demo gym: a strength cooperative in a former rope works in the harbour town of Skerrow Haven. */
export const demoGym = {
  id: "rope-works",
  name: "Rope Works Hall",
  unit: "kg" as const,
  bar: { name: "Hall bar", weight: 20, collar: 0 },
  otherBars: [{ name: "Light bar", weight: 15 }],
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
  dumbbells: [2.5, 5, 7.5, 10, 12.5, 15, 17.5, 20, 22.5, 25, 27.5, 30, 32.5, 35, 40, 45, 50],
  /** The leg press was a net winch once. */
  sledge: 47.5,
  stack: { start: 5, step: 5, top: 100, addOns: [2.5] },
  help: [10, 20, 30, 40, 50],
  /** Null: enough for everybody. */
  equipment: {
    rower: 3,
    bike: 2,
    rope: 6,
    stick: 10,
    "band-light": 8,
    "band-medium": 4,
    "band-heavy": 4,
    "mini-band": 8,
    bar: 8,
    rack: 6,
    bench: 5,
    box: 4,
    dumbbell: null,
    kettlebell: 8,
    "light-plate": null,
    roller: 4,
    "medicine-ball": 4,
    "pull-up-bar": 6,
  } satisfies Partial<Record<EquipmentId, number | null>>,
};
