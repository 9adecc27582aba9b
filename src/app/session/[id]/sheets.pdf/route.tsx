import { noSuchPlan, pdfResponse } from "@/features/card/pdf-response";
import { SheetsPdf } from "@/features/card/sheets-pdf";
import { openSession } from "@/server/open-session";
import { wholePlanOf } from "@/server/plan-session";

export const dynamic = "force-dynamic";

export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }) {
  const opened = await openSession((await params).id);
  if (!opened.ok) return noSuchPlan();
  const { session, gym } = opened.value;
  const sheets = <SheetsPdf session={session} gym={gym} plan={wholePlanOf(opened.value)} />;
  return pdfResponse(sheets, `${session.name} ${session.day} sheets`);
}
