import type { Implement } from "@/core/catalog";

/** What a lift is loaded with, in words. */
export const IMPLEMENT_NAMES: Record<Implement, string> = {
  barbell: "Barbell",
  dumbbells: "Dumbbells",
  machine: "Plate machine",
  stack: "Stack machine",
  bodyweight: "Body weight",
  none: "No weight",
};
