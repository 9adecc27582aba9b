export { type DayOrder, isTwoDays, orderOfDays, readDay, readWeight, unitMeant } from "./cells";
export { guessColumns, type LiftColumn, liftColumns, readHead } from "./columns";
export { IMPORT_FIELDS, type ImportColumns, type ImportField, MOST_IMPORT_CHARACTERS } from "./import-fields";
export { liftMeant, plainText } from "./lift-names";
