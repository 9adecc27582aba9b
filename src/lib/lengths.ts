const FOOT_METRES = 0.3048;

/** Whole feet in some metres, rounded down. */
export function feetOf(metres: number): number {
  return Math.floor(metres / FOOT_METRES + 1e-9);
}

/** Whole metres of floor that so many feet are nearest to, at least one. */
export function metresOf(feet: number): number {
  return Math.max(1, Math.round(feet * FOOT_METRES));
}
