export { type DemandTime, demandTimes } from "./demand-times";
export { type FirstAndLatest, firstAndLatest, type NumberOfDay } from "./first-and-latest";
export { type ReportFacts, type ReportPart, reportOf } from "./report";
export { thinOut } from "./thin-out";
