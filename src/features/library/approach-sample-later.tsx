"use client";

import type { Approach } from "@/core/catalog";
import { later } from "@/ui/later";

/** See `ApproachSample`; what plans is fetched when an approach is looked at. */
export const ApproachSample = later<{ approach: Approach; open?: boolean }>(() =>
  import("./approach-sample").then((m) => m.ApproachSample),
);
