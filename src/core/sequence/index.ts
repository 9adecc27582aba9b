export { type AskedDemand, askedDemands, type SessionLift } from "./asked-demands";
export {
  buildChoiceModel,
  type Candidate,
  type ChoiceModel,
  type ChoiceRequest,
  hasKit,
  isAskedFor,
  likingFor,
  makeRoomForOwn,
  meetsNeed,
  needOf,
  type OwnDrill,
  type Refusal,
  releases,
  shortfallOf,
  type TakenDrill,
  TIME_LIMIT,
  worthOfServing,
} from "./choice-model";
export {
  type ChoiceOfDrills,
  type Chooser,
  choiceModels,
  chooseDrills,
  exactly,
  quickly,
  withSeconds,
} from "./choose-drills";
export {
  DRILL_COST,
  HARD_EFFORT,
  MATTERS_FROM,
  MISSING_PLANE_COST,
  MISSING_SLOT_COST,
  MOST_HARD_SECONDS,
  MOST_POWER_DRILLS,
  SECOND_COST,
  SHORTFALL_SERVED,
} from "./constants";
export { type BodyOrder, mustPrecede, orderCost, orderDrills } from "./order-drills";
export { sharesDemand } from "./shared-demands";
export { changeSeconds, type Placed, setUpSecondsAfter, timetable } from "./timetable";
