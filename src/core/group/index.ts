export { type EachRequest, planEach, planEachSteps } from "./plan-each";
export { planGroup, planGroupSteps } from "./plan-group";
export type {
  GroupMember,
  GroupPlan,
  GroupProgress,
  GroupRequest,
  MemberPlan,
  MemberStep,
  SharedDrill,
} from "./types";
