export { type AskedDemand, askedDemands, type SessionLift } from "./asked-demands";
export {
  buildChoiceModel,
  type Candidate,
  type ChoiceModel,
  type ChoiceRequest,
  type OwnDrill,
  type Refusal,
  releases,
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
export { MATTERS_FROM, SHORTFALL_SERVED } from "./constants";
export { type BodyOrder, orderCost, orderDrills } from "./order-drills";
export { type Placed, timetable } from "./timetable";
