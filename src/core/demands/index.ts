export {
  DEMAND_IDS,
  DEMANDS,
  type Demand,
  type DemandId,
  type DemandKind,
  type DemandWeights,
  isDemandId,
} from "./demands";
export { HALVES, JOB_NAMES, JOBS } from "./jobs";
