import { currentActor } from "@/server/access/actor";
import { reportPdf } from "@/server/access/person-files";
import { route } from "@/server/access/route";

export const dynamic = "force-dynamic";

export const GET = route("GET /me/report.pdf", async (request: Request) => {
  const actor = await currentActor(request.headers);
  return reportPdf(actor?.athleteId ?? "", "year", request);
});
