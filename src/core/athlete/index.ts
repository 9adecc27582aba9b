export { type AthleteProfile, isStiff, rulesOut, slowToWarmFor } from "./athlete";
