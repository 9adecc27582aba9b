export { type DemandTime, demandTimes } from "./demand-times";
export { type ReportFacts, type ReportPart, reportOf } from "./report";
export { thinOut } from "./thin-out";
