import { route } from "@/server/access/route";
import { openCatalog } from "@/server/library/catalog";
import { openWarmUp } from "@/server/sessions/open-session";
import { cardMarkdown } from "@/server/cards/card-markdown";
import { cardOf } from "@/server/plans/plan-session";

export const dynamic = "force-dynamic";

export const GET = route("GET /session/[id]/[athlete]/plan.md", async (_: Request, { params }: { params: Promise<{ id: string; athlete: string }> }) => {
  const { id, athlete } = await params;
  const catalog = await openCatalog();
  const opened = await openWarmUp(id, athlete, catalog);
  if (!opened.ok) return new Response("There is no such warm-up.\n", { status: 404 });
  return new Response(cardMarkdown(await cardOf(opened.value, opened.value.member, catalog)), {
    headers: { "content-type": "text/markdown; charset=utf-8" },
  });
});
