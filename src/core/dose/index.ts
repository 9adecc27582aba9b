export { type Dose, type DoseKind, type DoseRange, doseLevels, doseOf, doseSeconds, stepDose } from "./dose";
export { formatDose } from "./format-dose";
