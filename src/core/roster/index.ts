export { IMPORT_FIELDS, type ImportColumns, type ImportField, MOST_IMPORT_CHARACTERS } from "./import-fields";
