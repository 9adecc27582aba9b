export { blockChoice, blocksOf, rampSecondsOf } from "./block-choice";
export { type Caution, cautionsFor, cautionsOf } from "./cautions";
export { circuitOpenedBy, circuitsOf, type InCircuit, type PlanCircuit } from "./circuits-of";
export { type CoolDown, type CoolDownRequest, coolDownRequest } from "./cool-down";
export { drillsTaken } from "./drills-taken";
export { givenUp } from "./given-up";
export { lightUnder } from "./light-under";
export { offersInWords } from "./offers-in-words";
export { PlanMemory } from "./plan-memory";
export { type LiftPart, type LiftPlan, planOfLift } from "./plan-of-lift";
export { planRamps, rampRequestOf } from "./plan-ramps";
export { outlineOf, planExactly, planWarmUp } from "./plan-warm-up";
export { demandInSentence, reasonFor } from "./reasons";
export { type Stair, stairOf, type Tread } from "./stair";
export { stairInWords } from "./stair-in-words";
export { type Substitute, substitutesFor } from "./substitutes";
export { type PlanSummary, summaryOf } from "./summary";
export type {
  Choice,
  CoveredDemand,
  OwnDrillOfPlan,
  Part,
  Plan,
  PlanBlock,
  PlanFinding,
  PlannedLift,
  PlanOutline,
  PlanRequest,
  PlanStep,
  PlanTest,
  TogetherStep,
} from "./types";
