import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { page } from "@/app/door";
import { ReportSheet } from "@/features/report/report-sheet";
import { addressInForce } from "@/server/cards/card-addresses";
import { openReport } from "@/server/progress/open-report";

export const dynamic = "force-dynamic";
export const metadata: Metadata = {
  title: "Report",
  // An address that is hard to guess must not be found in another way.
  robots: { index: false, follow: false },
  referrer: "no-referrer",
};

/** An athlete's own report on the phone, at the address of a card of theirs. */
async function ReportByAddress({ params }: { params: Promise<{ token: string }> }) {
  const card = await addressInForce((await params).token);
  const report = card && (await openReport(card.athleteId, "year"));
  if (!report) notFound();
  return (
    <main id="content" className="mx-auto max-w-lg">
      <ReportSheet report={report} />
    </main>
  );
}

export default page("/card/[token]/report", ReportByAddress);
