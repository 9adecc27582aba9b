import { kilograms, type UnitSystem, type Weight } from "../units";
import type { GymPlate } from "./gym-kit";

/** How plates usually look from a weight on: size for the drawing, and a colour until the coach gives its own. */
const USUAL: readonly { from: { kg: number; lb: number }; plate: Omit<GymPlate, "weight" | "pairs"> }[] = [
  {
    from: { kg: 25, lb: 55 },
    plate: { fullDiameter: true, colour: "#5b3a35", diameterMm: 450, thicknessMm: 62 },
  },
  {
    from: { kg: 20, lb: 45 },
    plate: { fullDiameter: true, colour: "#2f4f5c", diameterMm: 450, thicknessMm: 54 },
  },
  {
    from: { kg: 15, lb: 35 },
    plate: { fullDiameter: false, colour: "#8a6d3b", diameterMm: 400, thicknessMm: 40 },
  },
  {
    from: { kg: 10, lb: 25 },
    plate: { fullDiameter: false, colour: "#5d6b4e", diameterMm: 325, thicknessMm: 34 },
  },
  {
    from: { kg: 5, lb: 10 },
    plate: { fullDiameter: false, colour: "#6b7178", diameterMm: 228, thicknessMm: 27 },
  },
  {
    from: { kg: 2, lb: 5 },
    plate: { fullDiameter: false, colour: "#464b52", diameterMm: 190, thicknessMm: 20 },
  },
  {
    from: { kg: 0, lb: 0 },
    plate: { fullDiameter: false, colour: "#a8a59b", diameterMm: 160, thicknessMm: 15 },
  },
];

/** Bumpers from this weight on are all of one diameter. */
const LIGHTEST_BUMPER = { kg: 10, lb: 25 };
const FULL_DIAMETER_MM = 450;

/** The usual look and size of a plate of this weight, iron or bumper. */
export function usualPlate(
  weight: Weight,
  unit: UnitSystem,
  bumpers: boolean,
): Omit<GymPlate, "weight" | "pairs"> {
  const { plate } = USUAL.find((row) => weight >= kilograms(row.from, unit))!;
  const isBumper = bumpers && weight >= kilograms(LIGHTEST_BUMPER, unit);
  return isBumper ? { ...plate, fullDiameter: true, diameterMm: FULL_DIAMETER_MM } : plate;
}
