import { route } from "@/server/access/route";
import { dataResponse } from "@/server/data-response";
import { wishesOfDrill } from "@/server/library/wishes";

export const dynamic = "force-dynamic";

/** What gyms and groups wish of a drill. */
export const GET = route(
  "GET /data/wishes/[drill]",
  async (_: Request, { params }: { params: Promise<{ drill: string }> }) => {
    return dataResponse(await wishesOfDrill((await params).drill));
  },
);
