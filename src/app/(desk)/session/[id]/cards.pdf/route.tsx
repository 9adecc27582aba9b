import { CardsPdf } from "@/features/card/card-pdf";
import { noSuchPlan, pdfResponse } from "@/features/card/pdf-response";
import { openCatalog } from "@/server/library/catalog";
import { allCardsOf } from "@/server/plans/plan-session";
import { openSession } from "@/server/sessions/open-session";

export const dynamic = "force-dynamic";

export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }) {
  const catalog = await openCatalog();
  const opened = await openSession((await params).id, catalog);
  if (!opened.ok) return noSuchPlan();
  const { session } = opened.value;
  const cards = await allCardsOf(opened.value, catalog);
  return pdfResponse(<CardsPdf session={session} cards={cards} />, `${session.name} ${session.day}`);
}
