import { CardsPdf } from "@/features/card/card-pdf";
import { noSuchPlan, pdfResponse } from "@/features/card/pdf-response";
import { openCatalog } from "@/server/library/catalog";
import { cardOf } from "@/server/plans/plan-session";
import { openWarmUp } from "@/server/sessions/open-session";

export const dynamic = "force-dynamic";

export async function GET(_: Request, { params }: { params: Promise<{ id: string; athlete: string }> }) {
  const { id, athlete } = await params;
  const catalog = await openCatalog();
  const opened = await openWarmUp(id, athlete, catalog);
  if (!opened.ok) return noSuchPlan();
  const { session, member } = opened.value;
  const card = await cardOf(opened.value, member, catalog);
  return pdfResponse(<CardsPdf session={session} cards={[card]} />, `${member.athlete.name} ${session.day}`);
}
