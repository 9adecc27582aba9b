export { convertWeight } from "./convert";
export { counted } from "./counted";
export { formatClock, formatSeconds } from "./format-duration";
export { formatWeight, formatWeightWithUnit } from "./format-weight";
export { GREATEST_WEIGHT, parseWeight } from "./parse-weight";
export { formatWeights, parseWeights } from "./parse-weights";
export {
  kilograms,
  UNIT_NAMES,
  UNIT_SYSTEMS,
  type UnitSystem,
  type Weight,
  weight,
  weightStep,
  weightValue,
} from "./weight";
