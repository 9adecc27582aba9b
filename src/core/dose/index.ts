export {
  type Dose,
  type DoseKind,
  type DoseRange,
  doseForSeconds,
  doseLevels,
  doseOf,
  doseSeconds,
  stepDose,
} from "./dose";
export { formatDose } from "./format-dose";
