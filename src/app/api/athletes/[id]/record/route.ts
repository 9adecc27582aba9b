import { getRecord } from "@/server/api/athlete-record";
import { sayingTrouble } from "@/server/trouble-response";

export const dynamic = "force-dynamic";

type Params = { params: Promise<{ id: string }> };

export const GET = sayingTrouble(async (_: Request, { params }: Params) => getRecord((await params).id));
