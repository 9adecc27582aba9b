"use client";

import type { Approach } from "@/core/catalog";
import { later } from "@/ui/later";

/** See `ApproachCuts`; what plans is fetched when an approach is looked at. */
export const ApproachCuts = later<{ approach: Approach; open?: boolean }>(() =>
  import("./approach-cuts").then((m) => m.ApproachCuts),
);
