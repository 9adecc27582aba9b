export { type AthleteProfile, ageOn, isStiff, rulesOut, slowToWarmFor } from "./athlete";
export { OLD_AFTER_WEEKS } from "./old-weight";
