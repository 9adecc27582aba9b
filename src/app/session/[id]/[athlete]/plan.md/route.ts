import { openWarmUp } from "@/server/sessions/open-session";
import { planMarkdown } from "@/server/plans/plan-markdown";

export const dynamic = "force-dynamic";

export async function GET(_: Request, { params }: { params: Promise<{ id: string; athlete: string }> }) {
  const { id, athlete } = await params;
  const opened = await openWarmUp(id, athlete);
  if (!opened.ok) return new Response("There is no such warm-up.\n", { status: 404 });
  return new Response(planMarkdown(opened.value), {
    headers: { "content-type": "text/markdown; charset=utf-8" },
  });
}
