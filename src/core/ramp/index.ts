export { ADDITION_IDS, ADDITIONS, type AdditionId, additionsFor } from "./additions";
export { type Adjustment, adjustRamp, doneSets } from "./adjust-ramp";
export {
  type ChangedWorking,
  changeWorking,
  FELT,
  type Felt,
  nextSingle,
  roundDown,
  type WorkingChange,
} from "./change-working";
export { checkWorkingWeight, rampWeights, type UnloadableWeight } from "./check-working-weight";
export {
  FIRST_AT_MOST,
  HEAVY,
  HURRIED_JUMP_SHARE,
  LARGE_JUMP_SHARE,
  LEFT_FOR_DRILLS,
  LIGHT_SHARE,
  systemConstants,
} from "./constants";
export { describeLoad, loadUnit } from "./describe-load";
export { lastJumpLimit, rampLimits } from "./limits";
export { planRamp } from "./plan-ramp";
export { restAfter } from "./rest";
export type { DoneSet } from "./rest-of-ramp";
export { mostRampReps } from "./set-reps";
export { setSeconds } from "./set-seconds";
export { RAMP_STYLE_IDS, RAMP_STYLES, type RampStyle, type RampStyleId } from "./styles";
export {
  EXPERIENCES,
  type Experience,
  type FixedSet,
  type Ramp,
  type RampFinding,
  type RampLift,
  type RampRequest,
  type RampSet,
  type Room,
} from "./types";
export { usualPlates } from "./usual-plates";
