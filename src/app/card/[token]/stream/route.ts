import { route } from "@/server/access/route";
import { streamFloor } from "@/server/api/floor";
import { cardAudience } from "@/server/floor/audience-of";

export const dynamic = "force-dynamic";

/** What happens to the athlete, as it does. */
export const GET = route(
  "GET /card/[token]/stream",
  async (request: Request, { params }: { params: Promise<{ token: string }> }) =>
    cardAudience((await params).token, (id, audience, mayStill) =>
      streamFloor(id, request, audience, mayStill),
    ),
);
