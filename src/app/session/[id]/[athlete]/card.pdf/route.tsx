import { CardsPdf } from "@/features/card/card-pdf";
import { noSuchPlan, pdfResponse } from "@/features/card/pdf-response";
import { warmUpOf } from "@/server/plans/plan-session";
import { openWarmUp } from "@/server/sessions/open-session";

export const dynamic = "force-dynamic";

export async function GET(_: Request, { params }: { params: Promise<{ id: string; athlete: string }> }) {
  const { id, athlete } = await params;
  const opened = await openWarmUp(id, athlete);
  if (!opened.ok) return noSuchPlan();
  const { session, gym, member } = opened.value;
  const card = <CardsPdf session={session} gym={gym} warmUps={[warmUpOf(opened.value, member)]} />;
  return pdfResponse(card, `${member.athlete.name} ${session.day}`);
}
