export { checkWorkingWeight, rampWeights, type UnloadableWeight } from "./check-working-weight";
export { FIRST_JUMP_SHARE, HEAVY, systemConstants } from "./constants";
export { lastJumpLimit, rampLimits } from "./limits";
export { planRamp } from "./plan-ramp";
export { restAfter, restBeforeWork } from "./rest";
export { mostRampReps } from "./set-reps";
export { setSeconds } from "./set-seconds";
export { RAMP_STYLE_IDS, RAMP_STYLES, type RampStyle, type RampStyleId } from "./styles";
export type { Experience, FixedSet, Ramp, RampLift, RampRequest, RampSet, Room } from "./types";
