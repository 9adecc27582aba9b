import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { cache } from "react";
import { page, titled } from "@/app/door";
import { PrintPage } from "@/features/card/print-page";
import { ReportSheet } from "@/features/report/report-sheet";
import { periodOf } from "@/server/progress/open-progress";
import { openReport } from "@/server/progress/open-report";

export const dynamic = "force-dynamic";

type Props = {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ period?: string | string[] }>;
};

/** Read once for the title and the page. */
const open = cache(openReport);

async function title({ params, searchParams }: Props): Promise<Metadata> {
  const report = await open((await params).id, periodOf((await searchParams).period));
  return { title: report ? `Report: ${report.athlete.name}` : "Athlete" };
}

export const generateMetadata = titled("/athletes/[id]/report", title);

async function ReportPage({ params, searchParams }: Props) {
  const { id } = await params;
  const report = await open(id, periodOf((await searchParams).period));
  if (!report) notFound();
  const href = `/athletes/${id}`;
  return (
    <PrintPage
      back={{ href: `${href}/progress`, name: "Progress" }}
      files={[{ href: `${href}/report.pdf?period=${report.period}`, name: "PDF" }]}
    >
      <ReportSheet report={report} />
    </PrintPage>
  );
}

export default page("/athletes/[id]/report", ReportPage);
