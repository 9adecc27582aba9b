import { route } from "@/server/access/route";
import { getEvents, sendEvents } from "@/server/api/floor";
import { cardAudience } from "@/server/floor/audience-of";

export const dynamic = "force-dynamic";

type Params = { params: Promise<{ token: string }> };

/** What has happened to the athlete since an event. */
export const GET = route("GET /card/[token]/events", async (request: Request, { params }: Params) =>
  cardAudience((await params).token, (id, audience) => getEvents(id, request.url, audience)),
);

/** What the athlete says on the phone. */
export const POST = route("POST /card/[token]/events", async (request: Request, { params }: Params) =>
  cardAudience((await params).token, (id, audience) => sendEvents(id, request, audience)),
);
