import { getEvents, sendEvents } from "@/server/api/floor";
import { sayingTrouble } from "@/server/trouble-response";

export const dynamic = "force-dynamic";

type Params = { params: Promise<{ id: string }> };

/** What has happened since an event. */
export const GET = sayingTrouble(async (request: Request, { params }: Params) =>
  getEvents((await params).id, request.url, { kind: "coach" }),
);

/** What has happened, said. */
export const POST = sayingTrouble(async (request: Request, { params }: Params) =>
  sendEvents((await params).id, request, { kind: "coach" }),
);
