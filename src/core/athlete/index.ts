export { type AthleteProfile, ageOn, isStiff, rulesOut, slowToWarmFor } from "./athlete";
