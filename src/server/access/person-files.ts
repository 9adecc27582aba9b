import { openCatalog } from "@/server/library/catalog";
import { pdfResponse } from "@/threads/threads";
import { gymSettings } from "../gyms/gym-kit";
import type { Period } from "../progress/open-progress";
import { openReport } from "../progress/open-report";
import { dataFileOf } from "./own";
import { noteTakenOut } from "./taken-out";

const gone = () => new Response("There is no such athlete.\n", { status: 404 });

/** An athlete's report as PDF. */
export async function reportPdf(athleteId: string, period: Period, request: Request): Promise<Response> {
  const report = await openReport(athleteId, period);
  if (!report) return gone();
  await noteTakenOut(`Report of ${report.athlete.name}, PDF`);
  const { paper } = await gymSettings();
  const name = `Report ${report.athlete.name} ${report.today}`;
  return pdfResponse({ kind: "report", of: { report, paper } }, name, request, await openCatalog());
}

/** Everything of one athlete as a file. */
export async function personFile(athleteId: string): Promise<Response> {
  const file = await dataFileOf(athleteId);
  if (!file) return gone();
  await noteTakenOut(`All data of ${file.name}, JSON`);
  return new Response(file.text, {
    headers: {
      "content-type": "application/json",
      "content-disposition": `attachment; filename*=UTF-8''${encodeURIComponent(`${file.name}.json`)}`,
      "cache-control": "no-store",
    },
  });
}
