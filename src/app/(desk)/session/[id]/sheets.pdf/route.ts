import { route } from "@/server/access/route";
import { openCatalog } from "@/server/library/catalog";
import { wholePlanOf } from "@/server/plans/plan-session";
import { openSession } from "@/server/sessions/open-session";
import { noSuchPlan, pdfResponse } from "@/threads/threads";

export const dynamic = "force-dynamic";

export const GET = route(
  "GET /session/[id]/sheets.pdf",
  async (request: Request, { params }: { params: Promise<{ id: string }> }) => {
    const catalog = await openCatalog();
    const opened = await openSession((await params).id, catalog);
    if (!opened.ok) return noSuchPlan();
    const { session, gym } = opened.value;
    const plan = await wholePlanOf(opened.value, catalog);
    const name = `${session.name} ${session.day} sheets`;
    return pdfResponse({ kind: "sheets", of: { session, gym, plan } }, name, request, catalog);
  },
);
