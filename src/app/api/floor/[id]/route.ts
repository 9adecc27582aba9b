import { getFloor } from "@/server/api/floor";
import { sayingTrouble } from "@/server/trouble-response";

export const dynamic = "force-dynamic";

/** A session that was started, with where it stands. */
export const GET = sayingTrouble(async (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  getFloor((await params).id, request.url, { kind: "coach" }),
);
