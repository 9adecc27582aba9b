import { dataResponse } from "@/server/data-response";
import { placesToGo } from "@/server/palette/places-to-go";
import { sayingTrouble } from "@/server/trouble-response";

export const dynamic = "force-dynamic";

/** Where the palette can go. */
export const GET = sayingTrouble(async () => {
  return dataResponse(await placesToGo());
});
