import { noSuchPlan, pdfResponse } from "@/features/card/pdf-response";
import { SheetsPdf } from "@/features/card/sheets-pdf";
import { orderRacks } from "@/server/plans/order-racks";
import { wholePlanOf } from "@/server/plans/plan-session";
import { openSession } from "@/server/sessions/open-session";

export const dynamic = "force-dynamic";

export async function GET(request: Request, { params }: { params: Promise<{ id: string }> }) {
  const opened = await openSession((await params).id);
  if (!opened.ok) return noSuchPlan();
  const { session, gym } = opened.value;
  const plan = wholePlanOf(opened.value);
  const racks = await orderRacks(session, plan, gym, request.signal);
  const sheets = <SheetsPdf session={session} gym={gym} plan={plan} racks={racks} />;
  return pdfResponse(sheets, `${session.name} ${session.day} sheets`);
}
