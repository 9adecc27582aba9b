import { answerByCard } from "@/server/api/follow-up";
import { sayingTrouble } from "@/server/trouble-response";

export const dynamic = "force-dynamic";

/** How something feels, as the athlete says on the phone. */
export const POST = sayingTrouble(
  async (request: Request, { params }: { params: Promise<{ token: string }> }) =>
    answerByCard((await params).token, request),
);
