import { dataResponse } from "@/server/data-response";
import { openGymKit } from "@/server/gyms/gym-kit";
import { sayingTrouble } from "@/server/trouble-response";

export const dynamic = "force-dynamic";

/** A gym as stored now. */
export const GET = sayingTrouble(async (_: Request, { params }: { params: Promise<{ id: string }> }) => {
  const opened = await openGymKit((await params).id);
  return dataResponse(opened && { revision: opened.revision, draft: opened.gym });
});
