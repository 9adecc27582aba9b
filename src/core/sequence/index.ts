export { type AskedDemand, askedDemands, type SessionLift } from "./asked-demands";
export {
  buildChoiceModel,
  type Candidate,
  type ChoiceModel,
  type ChoiceRequest,
  hasKit,
  isAskedFor,
  type OwnDrill,
  type Refusal,
  releases,
  type TakenDrill,
  TIME_LIMIT,
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
export { HARD_EFFORT, MATTERS_FROM, SHORTFALL_SERVED } from "./constants";
export { type BodyOrder, mustPrecede, orderCost, orderDrills } from "./order-drills";
export { sharesDemand } from "./shared-demands";
export { changeSeconds, type Placed, setUpSecondsAfter, timetable } from "./timetable";
