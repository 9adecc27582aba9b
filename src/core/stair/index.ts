export { type Stair, stairOf, type Tread } from "./stair";
