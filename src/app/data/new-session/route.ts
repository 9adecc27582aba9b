import { dataResponse } from "@/server/data-response";
import { openCatalog } from "@/server/library/catalog";
import { newSessionChoices } from "@/server/sessions/start-session";
import { sayingTrouble } from "@/server/trouble-response";

export const dynamic = "force-dynamic";

/** What a new session can be made from. */
export const GET = sayingTrouble(async () => {
  return dataResponse(await newSessionChoices(await openCatalog()));
});
