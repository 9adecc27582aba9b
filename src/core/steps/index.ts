export { finish } from "./finish";
