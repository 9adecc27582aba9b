import { gymSettings } from "@/server/gyms/gym-kit";
import { openCatalog } from "@/server/library/catalog";
import { periodOf } from "@/server/progress/open-progress";
import { openReport } from "@/server/progress/open-report";
import { sayingTrouble } from "@/server/trouble-response";
import { pdfResponse } from "@/threads/threads";

export const dynamic = "force-dynamic";

export const GET = sayingTrouble(
  async (request: Request, { params }: { params: Promise<{ id: string }> }) => {
    const period = periodOf(new URL(request.url).searchParams.get("period") ?? undefined);
    const report = await openReport((await params).id, period);
    if (!report) return new Response("There is no such athlete.\n", { status: 404 });
    const { paper } = await gymSettings();
    const name = `Report ${report.athlete.name} ${report.today}`;
    return pdfResponse({ kind: "report", of: { report, paper } }, name, request, await openCatalog());
  },
);
