import { getEvents, sendEvents } from "@/server/api/floor";
import { cardAudience } from "@/server/floor/audience-of";
import { sayingTrouble } from "@/server/trouble-response";

export const dynamic = "force-dynamic";

type Params = { params: Promise<{ token: string }> };

/** What has happened to the athlete since an event. */
export const GET = sayingTrouble(async (request: Request, { params }: Params) =>
  cardAudience((await params).token, (id, audience) => getEvents(id, request.url, audience)),
);

/** What the athlete says on the phone. */
export const POST = sayingTrouble(async (request: Request, { params }: Params) =>
  cardAudience((await params).token, (id, audience) => sendEvents(id, request, audience)),
);
