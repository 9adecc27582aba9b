import { route } from "@/server/access/route";
import { dataResponse } from "@/server/data-response";
import { weightsNotHere } from "@/server/gyms/save-gym";
import { openCatalog } from "@/server/library/catalog";

export const dynamic = "force-dynamic";

/** Whose working weight their gym no longer makes. */
export const GET = route("GET /data/weights-not-here", async () => {
  return dataResponse(await weightsNotHere(await openCatalog()));
});
