import { CardsPdf } from "@/features/card/card-pdf";
import { noSuchPlan, pdfResponse } from "@/features/card/pdf-response";
import { openSession } from "@/server/open-session";
import { warmUpsOf } from "@/server/plan-session";

export const dynamic = "force-dynamic";

export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }) {
  const opened = await openSession((await params).id);
  if (!opened.ok) return noSuchPlan();
  const { session, gym } = opened.value;
  const cards = <CardsPdf session={session} gym={gym} warmUps={warmUpsOf(opened.value)} />;
  return pdfResponse(cards, `${session.name} ${session.day}`);
}
