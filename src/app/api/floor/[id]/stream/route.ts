import { route } from "@/server/access/route";
import { streamFloor } from "@/server/api/floor";
import { floorAudience, mayHearFloor } from "@/server/floor/audience-of";

export const dynamic = "force-dynamic";

/** What happens, as it does. */
export const GET = route(
  "GET /api/floor/[id]/stream",
  async (request: Request, { params }: { params: Promise<{ id: string }> }) =>
    streamFloor((await params).id, request, await floorAudience(request.headers), () =>
      mayHearFloor(request),
    ),
);
