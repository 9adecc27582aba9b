import { route } from "@/server/access/route";
import { dataResponse } from "@/server/data-response";
import { openCustomContent } from "@/server/library/custom-content";

export const dynamic = "force-dynamic";

/** A custom drill, lift or approach as stored now. */
export const GET = route(
  "GET /data/library/[id]",
  async (_: Request, { params }: { params: Promise<{ id: string }> }) => {
    return dataResponse(await openCustomContent((await params).id));
  },
);
