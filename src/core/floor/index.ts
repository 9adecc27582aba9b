export { type Ask, type AskedVersion, askedVersion } from "./asked-version";
export { type CheckOffer, checkOffers, offerInWords, rampChanges, stopsLift } from "./first-set-check";
export type { StepChange } from "./fit-steps";
export {
  CHECK_ANSWERS,
  type CheckAnswer,
  type FloorEvent,
  type Happening,
  type HappeningKind,
  PAIN_SIGNS,
  type Pain,
  type PainSign,
  type SkipReason,
} from "./floor-event";
export {
  doneNow,
  type FloorItem,
  isDone,
  itemsOf,
  liftNow,
  openCheck,
  type Standing,
  secondsInto,
  secondsOf,
  standingOf,
  stepNow,
} from "./floor-items";
export type {
  FloorAthlete,
  FloorFigure,
  FloorLift,
  FloorPlan,
  FloorRack,
  FloorSet,
  FloorStep,
  FloorSwap,
} from "./floor-plan";
export { type FloorState, foldEvents, type PersonState, type Presence, type Said } from "./fold-events";
export {
  type LiveRack,
  type LiveTurn,
  orderRack,
  quickRack,
  type RackQuestion,
  rackQuestions,
} from "./live-racks";
export {
  BEHIND,
  type CatchUp,
  catchUps,
  dueAt,
  lateStart,
  type Pace,
  paceOf,
  presentIn,
  sessionBehind,
} from "./pace";
export { type PlannedMember, planFloor } from "./plan-floor";
export { forgottenSince, isPaused, runningSeconds } from "./running-time";
export { type PersonSummary, readyAt, sessionSummary } from "./session-summary";
export { type StepMoment, type StepPart, stepMoment, stepParts } from "./step-parts";
export { type Face, faceOf, goOn, type SharedNow, secondsIntoShared, sharedNow } from "./together";
