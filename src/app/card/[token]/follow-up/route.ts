import { route } from "@/server/access/route";
import { answerByCard } from "@/server/api/follow-up";

export const dynamic = "force-dynamic";

/** How something feels, as the athlete says on the phone. */
export const POST = route(
  "POST /card/[token]/follow-up",
  async (request: Request, { params }: { params: Promise<{ token: string }> }) =>
    answerByCard((await params).token, request),
);
