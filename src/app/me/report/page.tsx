import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { page } from "@/app/door";
import { ReportSheet } from "@/features/report/report-sheet";
import { currentActor } from "@/server/access/actor";
import { openReport } from "@/server/progress/open-report";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Report" };

async function OwnReportPage() {
  const actor = await currentActor();
  const report = actor?.athleteId ? await openReport(actor.athleteId, "year") : null;
  if (!report) notFound();
  return (
    <main id="content" className="mx-auto max-w-lg">
      <ReportSheet report={report} />
    </main>
  );
}

export default page("/me/report", OwnReportPage);
