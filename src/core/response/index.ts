export {
  type Asymmetry,
  type AthleteTest,
  asymmetryOf,
  type ChangeVerdict,
  changeVerdict,
  improvementOf,
  improvements,
  isPoor,
  SIDES,
  TEST_UNITS,
  type TestSign,
  type TestUnit,
  type TestValue,
  testNumber,
  valueFault,
  valueInWords,
  worseSide,
} from "./athlete-test";
export {
  averageEffect,
  type Estimate,
  type Evidence,
  effectFor,
  type LevelModel,
  likeliestSpread,
  probabilityAbove,
  RESPONSE,
} from "./estimate";
export { factorFor, type KnownResponse, knownResponses } from "./known-response";
export { nextToTry, type ToTry } from "./next-to-try";
export {
  gainPerMinute,
  type Response,
  type Responses,
  type ResponseVerdict,
  responsesFrom,
  responseVerdict,
  retestGains,
  serveFactor,
} from "./responses";
export { gainInErrors, type Trial } from "./trial";
