import { streamFloor } from "@/server/api/floor";
import { sayingTrouble } from "@/server/trouble-response";

export const dynamic = "force-dynamic";

/** What happens, as it does. */
export const GET = sayingTrouble(async (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  streamFloor((await params).id, request, { kind: "coach" }),
);
