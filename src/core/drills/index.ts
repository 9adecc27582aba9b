export { isAskedFor, type Refusal } from "./admitted-drills";
export { type AskedDemand, askedDemands } from "./asked-demands";
export type { Candidate } from "./candidate";
export {
  buildChoiceModel,
  type ChoiceModel,
  type ChoiceRequest,
  type Choices,
  choiceModels,
  choicesByRounds,
  OFFER_LIMITS,
  type OwnDrill,
  type TakenDrill,
} from "./choice-model";
export {
  type ChoiceOfDrills,
  type Chooser,
  chooseDrills,
  exactly,
  LATER_QUICK_WORK,
  quickly,
} from "./choose-drills";
export { CIRCUIT_LIMITS, type Circuit, type CircuitPart, circuitInWords, circuitName } from "./circuits";
export {
  type Condition,
  conditionInWords,
  type Decided,
  decideConditions,
  LEAST_EXPERIENCES,
  type LeastExperience,
  type MetCondition,
  reachedAt,
} from "./conditions";
export {
  HARD_EFFORT,
  LIMITER_SERVES,
  LIMITER_SLACK_SECONDS,
  MATTERS_FROM,
  SHORTFALL_SERVED,
} from "./constants";
export { jobInSentence, jobOf, placesFor } from "./jobs";
export { prerequisitesOf, releases } from "./needs";
export { mustPrecede, orderCost, orderDrills } from "./order-drills";
export {
  athleteGoals,
  costOf,
  countsForPlanes,
  covers,
  drillsAtPace,
  ProblemParts,
  sequenceParts,
  worthOfServing,
} from "./problem-parts";
export { sharesDemand } from "./shared-demands";
export { saysWhatFor, slotOf } from "./slots";
export {
  type KnownTest,
  knownTests,
  TEST_LIMITS,
  type TestPlace,
  type TestStep,
  testSeconds,
  testsAfter,
} from "./test-steps";
export {
  changeSeconds,
  type Placed,
  type PlacedTest,
  roundByRound,
  setUpSecondsAfter,
  timetable,
} from "./timetable";
