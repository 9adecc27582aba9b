import { dataResponse } from "@/server/data-response";
import { weightsNotHere } from "@/server/gyms/save-gym";
import { openCatalog } from "@/server/library/catalog";
import { sayingTrouble } from "@/server/trouble-response";

export const dynamic = "force-dynamic";

/** Whose working weight their gym no longer makes. */
export const GET = sayingTrouble(async () => {
  return dataResponse(await weightsNotHere(await openCatalog()));
});
