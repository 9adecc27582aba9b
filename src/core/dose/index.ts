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
  stepDose,
} from "./dose";
export { formatDose } from "./format-dose";
