import { reportPdf } from "@/server/access/person-files";
import { route } from "@/server/access/route";
import { periodOf } from "@/server/progress/open-progress";

export const dynamic = "force-dynamic";

export const GET = route(
  "GET /athletes/[id]/report.pdf",
  async (request: Request, { params }: { params: Promise<{ id: string }> }) => {
    const period = periodOf(new URL(request.url).searchParams.get("period") ?? undefined);
    return reportPdf((await params).id, period, request);
  },
);
