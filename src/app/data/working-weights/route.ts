import { route } from "@/server/access/route";
import { workingWeightsOf } from "@/server/athletes/raise-weights";
import { dataResponse } from "@/server/data-response";

export const dynamic = "force-dynamic";

/** The newest working weights of some athletes: `?of=` their ids, with commas between. */
export const GET = route("GET /data/working-weights", async (request: Request) => {
  const ids = new URL(request.url).searchParams.get("of")?.split(",") ?? [];
  return dataResponse(await workingWeightsOf(ids.slice(0, 1000)));
});
