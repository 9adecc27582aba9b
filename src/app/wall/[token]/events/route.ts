import { route } from "@/server/access/route";
import { getEvents } from "@/server/api/floor";
import { wallAudience } from "@/server/floor/audience-of";

export const dynamic = "force-dynamic";

/** What has happened since an event, as the wall may show it. */
export const GET = route(
  "GET /wall/[token]/events",
  async (request: Request, { params }: { params: Promise<{ token: string }> }) =>
    wallAudience((await params).token, (id, audience) => getEvents(id, request.url, audience)),
);
