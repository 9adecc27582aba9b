import type { Lift } from "../catalog";
import type { BarPlace } from "./types";

/** Where the bar of a lift is. */
export function placeOf({ implement, fromFloor, pattern }: Lift): BarPlace {
  if (implement === "machine") return "machine";
  if (fromFloor) return "floor";
  return pattern === "horizontal-push" ? "bench" : "rack";
}
