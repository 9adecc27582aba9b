import { route } from "@/server/access/route";
import { getRecord } from "@/server/api/athlete-record";

export const dynamic = "force-dynamic";

type Params = { params: Promise<{ id: string }> };

export const GET = route("GET /api/athletes/[id]/record", async (_: Request, { params }: Params) =>
  getRecord((await params).id),
);
