import { streamFloor } from "@/server/api/floor";
import { cardAudience } from "@/server/floor/audience-of";
import { sayingTrouble } from "@/server/trouble-response";

export const dynamic = "force-dynamic";

/** What happens to the athlete, as it does. */
export const GET = sayingTrouble(
  async (request: Request, { params }: { params: Promise<{ token: string }> }) =>
    cardAudience((await params).token, (id, audience) => streamFloor(id, request, audience)),
);
