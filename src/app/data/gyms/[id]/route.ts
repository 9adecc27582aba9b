import { route } from "@/server/access/route";
import { dataResponse } from "@/server/data-response";
import { openGymKit } from "@/server/gyms/gym-kit";

export const dynamic = "force-dynamic";

/** A gym as stored now. */
export const GET = route(
  "GET /data/gyms/[id]",
  async (_: Request, { params }: { params: Promise<{ id: string }> }) => {
    const opened = await openGymKit((await params).id);
    return dataResponse(opened && { revision: opened.revision, draft: opened.gym });
  },
);
