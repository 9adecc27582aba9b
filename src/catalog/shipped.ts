import { type Catalog, drillRecord, NO_CUSTOM_CONTENT } from "@/core/catalog";
import { approaches } from "./approaches";
import { barAndPowerDrills } from "./drills/bar-and-power";
import { hipDrills } from "./drills/hips";
import { longHoldDrills } from "./drills/long-holds";
import { raiseDrills } from "./drills/raise";
import { shoulderDrills } from "./drills/shoulders";
import { squatHingeAnkleDrills } from "./drills/squat-hinge-ankle";
import { trunkDrills } from "./drills/trunk";
import { lifts } from "./lifts";
import { drillsAlone, drillsAloneFor, workBlocks } from "./without-weight";

/** The content that ships with the app. */
export const shippedCatalog: Catalog = {
  lifts: [...lifts, ...workBlocks, ...drillsAloneFor],
  drills: [
    ...raiseDrills,
    ...shoulderDrills,
    ...trunkDrills,
    ...hipDrills,
    ...squatHingeAnkleDrills,
    ...barAndPowerDrills,
    ...longHoldDrills,
  ].map(drillRecord),
  approaches,
  drillsAlone,
  custom: NO_CUSTOM_CONTENT,
};
