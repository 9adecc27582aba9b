import { route } from "@/server/access/route";
import { postTest } from "@/server/api/athlete-record";

export const dynamic = "force-dynamic";

type Params = { params: Promise<{ id: string }> };

export const POST = route("POST /api/athletes/[id]/tests", async (request: Request, { params }: Params) =>
  postTest((await params).id, request),
);
