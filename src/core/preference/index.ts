export { type DrillEdits, type RepeatedEdit, repeatedEdit, SESSIONS_LOOKED_AT } from "./repeated-edit";
