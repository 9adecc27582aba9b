export { type Caution, cautionsFor } from "./cautions";
