import { route } from "@/server/access/route";
import { dataResponse } from "@/server/data-response";
import { openCatalog } from "@/server/library/catalog";
import { openSession } from "@/server/sessions/open-session";

export const dynamic = "force-dynamic";

/** A session as stored now. */
export const GET = route(
  "GET /data/sessions/[id]",
  async (_: Request, { params }: { params: Promise<{ id: string }> }) => {
    const opened = await openSession((await params).id, await openCatalog());
    return dataResponse(opened.ok ? { revision: opened.value.revision, draft: opened.value.session } : null);
  },
);
