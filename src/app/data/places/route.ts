import { route } from "@/server/access/route";
import { dataResponse } from "@/server/data-response";
import { placesToGo } from "@/server/palette/places-to-go";

export const dynamic = "force-dynamic";

/** Where the palette can go. */
export const GET = route("GET /data/places", async () => {
  return dataResponse(await placesToGo());
});
