export { type AskedDemand, askedDemands, type SessionLift } from "./asked-demands";
export {
  buildChoiceModel,
  type Candidate,
  type ChoiceModel,
  type OwnDrill,
  type Refusal,
} from "./choice-model";
export { chooseDrills } from "./choose-drills";
export { MATTERS_FROM, SHORTFALL_SERVED } from "./constants";
export { orderCost, orderDrills } from "./order-drills";
export { objectiveOf, releases, Selection } from "./selection";
export { type Placed, timetable } from "./timetable";
