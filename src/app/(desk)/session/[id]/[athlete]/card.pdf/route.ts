import { route } from "@/server/access/route";
import { openCatalog } from "@/server/library/catalog";
import { cardOf } from "@/server/plans/plan-session";
import { openWarmUp } from "@/server/sessions/open-session";
import { noSuchPlan, pdfResponse } from "@/threads/threads";

export const dynamic = "force-dynamic";

export const GET = route(
  "GET /session/[id]/[athlete]/card.pdf",
  async (request: Request, { params }: { params: Promise<{ id: string; athlete: string }> }) => {
    const { id, athlete } = await params;
    const catalog = await openCatalog();
    const opened = await openWarmUp(id, athlete, catalog);
    if (!opened.ok) return noSuchPlan();
    const { session, member } = opened.value;
    const card = await cardOf(opened.value, member, catalog);
    const name = `${member.athlete.name} ${session.day}`;
    return pdfResponse({ kind: "cards", of: { session, cards: [card] } }, name, request, catalog);
  },
);
