import { getEvents } from "@/server/api/floor";
import { wallAudience } from "@/server/floor/audience-of";
import { sayingTrouble } from "@/server/trouble-response";

export const dynamic = "force-dynamic";

/** What has happened since an event, as the wall may show it. */
export const GET = sayingTrouble(
  async (request: Request, { params }: { params: Promise<{ token: string }> }) =>
    wallAudience((await params).token, (id, audience) => getEvents(id, request.url, audience)),
);
