import { noSuchPlan, pdfResponse } from "@/features/card/pdf-response";
import { SheetsPdf } from "@/features/card/sheets-pdf";
import { openCatalog } from "@/server/library/catalog";
import { orderRacks } from "@/server/plans/order-racks";
import { wholePlanOf } from "@/server/plans/plan-session";
import { openSession } from "@/server/sessions/open-session";

export const dynamic = "force-dynamic";

export async function GET(request: Request, { params }: { params: Promise<{ id: string }> }) {
  const catalog = await openCatalog();
  const opened = await openSession((await params).id, catalog);
  if (!opened.ok) return noSuchPlan();
  const { session, gym } = opened.value;
  const plan = await wholePlanOf(opened.value, catalog);
  const racks = await orderRacks(session, plan, gym, catalog, request.signal);
  const sheets = <SheetsPdf session={session} gym={gym} plan={plan} racks={racks} catalog={catalog} />;
  return pdfResponse(sheets, `${session.name} ${session.day} sheets`);
}
