export { type DemandTime, demandTimes } from "./demand-times";
export { thinOut } from "./thin-out";
