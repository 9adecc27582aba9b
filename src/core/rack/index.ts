export { lifterOf } from "./lifter-of";
export { placeOf } from "./place-of";
export { type RackOrder, rackOrders } from "./rack-orders";
export { layOutOrder, plainTurns, SECONDS_PER_MOVE } from "./running-order";
export { shareBar, shareBarSteps } from "./share-bar";
export { shiftsOf } from "./shifts";
export { type Shortage, shortages } from "./shortages";
export { MOST_ON_A_BAR, mixedOf, splitGroup } from "./split-group";
export type { BarPlace, BarSet, BarTurn, Lifter, RunningOrder, SharedBar } from "./types";
