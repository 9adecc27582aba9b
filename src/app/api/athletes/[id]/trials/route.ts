import { route } from "@/server/access/route";
import { postTrial } from "@/server/api/athlete-record";

export const dynamic = "force-dynamic";

type Params = { params: Promise<{ id: string }> };

export const POST = route("POST /api/athletes/[id]/trials", async (request: Request, { params }: Params) =>
  postTrial((await params).id, request),
);
