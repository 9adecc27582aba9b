import { route } from "@/server/access/route";
import { getFloor } from "@/server/api/floor";
import { floorAudience } from "@/server/floor/audience-of";

export const dynamic = "force-dynamic";

/** A session that was started, with where it stands. */
export const GET = route(
  "GET /api/floor/[id]",
  async (request: Request, { params }: { params: Promise<{ id: string }> }) =>
    getFloor((await params).id, request.url, await floorAudience(request.headers)),
);
