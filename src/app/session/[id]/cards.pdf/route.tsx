import { CardsPdf } from "@/features/card/card-pdf";
import { noSuchPlan, pdfResponse } from "@/features/card/pdf-response";
import { warmUpsOf } from "@/server/plans/plan-session";
import { openSession } from "@/server/sessions/open-session";

export const dynamic = "force-dynamic";

export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }) {
  const opened = await openSession((await params).id);
  if (!opened.ok) return noSuchPlan();
  const { session, gym } = opened.value;
  const cards = <CardsPdf session={session} gym={gym} warmUps={warmUpsOf(opened.value)} />;
  return pdfResponse(cards, `${session.name} ${session.day}`);
}
