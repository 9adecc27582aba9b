export { gymFromSet } from "./gym-from-set";
export { type GymKit, type GymPlate, type GymSettings, USUAL_SETTINGS } from "./gym-kit";
export { liftKit } from "./lift-kit";
export { usualPlate } from "./usual-look";
