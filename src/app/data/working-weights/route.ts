import { workingWeightsOf } from "@/server/athletes/raise-weights";
import { dataResponse } from "@/server/data-response";
import { sayingTrouble } from "@/server/trouble-response";

export const dynamic = "force-dynamic";

/** The newest working weights of some athletes: `?of=` their ids, with commas between. */
export const GET = sayingTrouble(async (request: Request) => {
  const ids = new URL(request.url).searchParams.get("of")?.split(",") ?? [];
  return dataResponse(await workingWeightsOf(ids.slice(0, 1000)));
});
