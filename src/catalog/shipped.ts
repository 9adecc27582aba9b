import {
  AREA_IDS,
  type Catalog,
  type DrillContent,
  type DrillId,
  drillRecord,
  NO_CUSTOM_CONTENT,
} from "@/core/catalog";
import { approaches } from "./approaches";
import { barAndPowerDrills } from "./drills/bar-and-power";
import { hipDrills } from "./drills/hips";
import { longHoldDrills } from "./drills/long-holds";
import { raiseDrills } from "./drills/raise";
import { rehearsals, unkind } from "./drills/rehearsals";
import { shoulderDrills } from "./drills/shoulders";
import { skillOf } from "./drills/skills";
import { roomOf } from "./drills/spaces";
import { squatHingeAnkleDrills } from "./drills/squat-hinge-ankle";
import { trunkDrills } from "./drills/trunk";
import { lifts } from "./lifts";
import { drillsAlone, drillsAloneFor, workBlocks } from "./without-weight";

/** Areas that a drill is unkind to, if there are any. */
function unkindness(id: DrillId): Pick<DrillContent, "unkindTo"> {
  const areas = AREA_IDS.flatMap((area) => {
    const { slow, sore } = unkind[area] ?? { slow: [], sore: [] };
    return slow.includes(id)
      ? { area, from: "slow" as const }
      : sore.includes(id)
        ? { area, from: "sore" as const }
        : [];
  });
  return areas.length > 0 ? { unkindTo: areas } : {};
}

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
  ].map((content) =>
    drillRecord({
      ...content,
      ...rehearsals[content.id],
      ...unkindness(content.id),
      ...roomOf(content.id),
      ...skillOf(content.id),
    }),
  ),
  approaches,
  drillsAlone,
  custom: NO_CUSTOM_CONTENT,
};
