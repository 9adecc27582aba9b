export { type BarKit, barKit, type PlateKind, smallestStep, totalOf } from "./bar-kit";
export { describeChange } from "./describe-change";
export { type LoadTable, loadableTotals, loadTable, nearestLoadable, UNREACHABLE } from "./load-table";
export { type Stack, stackMoves } from "./stacks";
