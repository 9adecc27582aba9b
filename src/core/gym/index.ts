export { gymFromSet } from "./gym-from-set";
export type { GymKit, GymPlate } from "./gym-kit";
export { liftKit } from "./lift-kit";
export { usualPlate } from "./usual-look";
