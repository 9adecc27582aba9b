export {
  type Dose,
  type DoseKind,
  type DoseLevel,
  type DoseRange,
  doseEffect,
  doseForSeconds,
  doseLevels,
  doseOf,
  doseSeconds,
  isSteady,
  stepDose,
} from "./dose";
export { formatDose } from "./format-dose";
