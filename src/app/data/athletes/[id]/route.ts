import { route } from "@/server/access/route";
import { openAthlete } from "@/server/athletes/athletes";
import { dataResponse } from "@/server/data-response";

export const dynamic = "force-dynamic";

/** An athlete as stored now. */
export const GET = route(
  "GET /data/athletes/[id]",
  async (_: Request, { params }: { params: Promise<{ id: string }> }) => {
    const opened = await openAthlete((await params).id);
    return dataResponse(opened && { revision: opened.revision, draft: opened.draft });
  },
);
