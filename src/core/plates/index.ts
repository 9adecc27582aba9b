export { describeChange } from "./describe-change";
export {
  type BarKit,
  barKit,
  bodyKit,
  dumbbellKit,
  isBarKit,
  kettlebellKit,
  type LoadKit,
  lightestOf,
  type PinStack,
  type PlateKind,
  smallestStep,
  stackKit,
  totalOf,
  type WeightList,
} from "./kits";
export {
  hungOn,
  type LoadTable,
  loadableTotals,
  loadableWeights,
  loadTable,
  nearestLoadable,
  UNREACHABLE,
} from "./load-table";
export { type Stack, sharedPlates, stackMoves } from "./stacks";
