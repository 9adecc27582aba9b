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
  doseShare,
  effectOfShare,
  isSteady,
  stepDose,
} from "./dose";
export { eachWay, formatDose, formatDoseBriefly } from "./format-dose";
export { formatKindsFor, startFormat } from "./start-format";
export {
  doseOfFormat,
  FORMAT_LIMITS,
  type FormatFault,
  type FormatKind,
  formatFault,
  type OwnDose,
  PIECE_BREAK,
  SIGN_IDS,
  SIGNS,
  type SignId,
  VARIANT_KINDS,
  VARIANTS,
  type VariantKind,
  type WorkFormat,
} from "./work-format";
