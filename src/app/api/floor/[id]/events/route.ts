import { route } from "@/server/access/route";
import { getEvents, sendEvents } from "@/server/api/floor";
import { floorAudience } from "@/server/floor/audience-of";

export const dynamic = "force-dynamic";

type Params = { params: Promise<{ id: string }> };

/** What has happened since an event. */
export const GET = route("GET /api/floor/[id]/events", async (request: Request, { params }: Params) =>
  getEvents((await params).id, request.url, await floorAudience(request.headers)),
);

/** What has happened, said. */
export const POST = route("POST /api/floor/[id]/events", async (request: Request, { params }: Params) =>
  sendEvents((await params).id, request, await floorAudience(request.headers)),
);
