import { route } from "@/server/access/route";
import { dataResponse } from "@/server/data-response";
import { openCatalog } from "@/server/library/catalog";
import { newSessionChoices } from "@/server/sessions/start-session";

export const dynamic = "force-dynamic";

/** What a new session can be made from. */
export const GET = route("GET /data/new-session", async () => {
  return dataResponse(await newSessionChoices(await openCatalog()));
});
