import { dataResponse } from "@/server/data-response";
import { wishesOfDrill } from "@/server/library/wishes";
import { sayingTrouble } from "@/server/trouble-response";

export const dynamic = "force-dynamic";

/** What gyms and groups wish of a drill. */
export const GET = sayingTrouble(async (_: Request, { params }: { params: Promise<{ drill: string }> }) => {
  return dataResponse(await wishesOfDrill((await params).drill));
});
