import { route } from "@/server/access/route";
import { dataResponse } from "@/server/data-response";
import { stampOf } from "@/server/stamps";

export const dynamic = "force-dynamic";

/** How often something stored has been changed. */
export const GET = route(
  "GET /data/stamps/[kind]/[id]",
  async (_: Request, { params }: { params: Promise<{ kind: string; id: string }> }) => {
    const { kind, id } = await params;
    return dataResponse(await stampOf(kind, id));
  },
);
