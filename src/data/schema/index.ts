/** Weights are integers of the fine unit of the system named beside them: grams or thousandths of a pound. */

export * from "./access";
export * from "./floor";
export * from "./people";
export * from "./record";
export * from "./sessions";
export * from "./upkeep";
