import { dataResponse } from "@/server/data-response";
import { stampOf } from "@/server/stamps";
import { sayingTrouble } from "@/server/trouble-response";

export const dynamic = "force-dynamic";

/** How often something stored has been changed. */
export const GET = sayingTrouble(
  async (_: Request, { params }: { params: Promise<{ kind: string; id: string }> }) => {
    const { kind, id } = await params;
    return dataResponse(await stampOf(kind, id));
  },
);
