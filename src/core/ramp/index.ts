export { checkWorkingWeight, rampWeights, type UnloadableWeight } from "./check-working-weight";
export { planRamp } from "./plan-ramp";
export { RAMP_STYLE_IDS, RAMP_STYLES, type RampStyle, type RampStyleId } from "./styles";
export type { Experience, FixedSet, Ramp, RampLift, RampRequest, RampSet, Room } from "./types";
