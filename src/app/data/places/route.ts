import { dataResponse } from "@/server/data-response";
import { placesToGo } from "@/server/palette/places-to-go";

export const dynamic = "force-dynamic";

/** Where the palette can go. */
export async function GET() {
  return dataResponse(await placesToGo());
}
