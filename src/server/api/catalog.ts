import { AREAS, EQUIPMENT } from "@/core/catalog";
import { DEMANDS } from "@/core/demands";
import { openCatalog } from "../library/catalog";

/** GET /api/catalog: everything a plan is made from, with its records. */
export async function catalogResponse(): Promise<Response> {
  const catalog = await openCatalog();
  return Response.json({
    lifts: catalog.lifts,
    drills: catalog.drills,
    demands: Object.entries(DEMANDS).map(([id, demand]) => ({ id, ...demand })),
    areas: Object.entries(AREAS).map(([id, name]) => ({ id, name })),
    equipment: Object.entries(EQUIPMENT).map(([id, name]) => ({ id, name })),
    approaches: catalog.approaches,
    drillsAlone: catalog.drillsAlone,
  });
}
