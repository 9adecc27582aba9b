import { route } from "@/server/access/route";
import { dataResponse } from "@/server/data-response";
import { openCatalog } from "@/server/library/catalog";
import { openWarmUp } from "@/server/sessions/open-session";

export const dynamic = "force-dynamic";

/** One athlete's draft as stored now. */
export const GET = route(
  "GET /data/sessions/[id]/[athlete]",
  async (_: Request, { params }: { params: Promise<{ id: string; athlete: string }> }) => {
    const { id, athlete } = await params;
    const opened = await openWarmUp(id, athlete, await openCatalog());
    if (!opened.ok) return dataResponse(null);
    const { revision, draft } = opened.value.member;
    return dataResponse({ revision, draft });
  },
);
