import { dataResponse } from "@/server/data-response";
import { openCustomContent } from "@/server/library/custom-content";
import { sayingTrouble } from "@/server/trouble-response";

export const dynamic = "force-dynamic";

/** A custom drill, lift or approach as stored now. */
export const GET = sayingTrouble(async (_: Request, { params }: { params: Promise<{ id: string }> }) => {
  return dataResponse(await openCustomContent((await params).id));
});
