import { route } from "@/server/access/route";
import { streamFloor } from "@/server/api/floor";
import { wallAudience } from "@/server/floor/audience-of";

export const dynamic = "force-dynamic";

/** What happens, as it does and as the wall may show it. */
export const GET = route(
  "GET /wall/[token]/stream",
  async (request: Request, { params }: { params: Promise<{ token: string }> }) =>
    wallAudience((await params).token, (id, audience, mayStill) =>
      streamFloor(id, request, audience, mayStill),
    ),
);
