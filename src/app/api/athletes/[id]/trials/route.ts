import { postTrial } from "@/server/api/athlete-record";
import { sayingTrouble } from "@/server/trouble-response";

export const dynamic = "force-dynamic";

type Params = { params: Promise<{ id: string }> };

export const POST = sayingTrouble(async (request: Request, { params }: Params) =>
  postTrial((await params).id, request),
);
