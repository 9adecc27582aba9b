import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { page, titled } from "@/app/door";
import { AthleteProgressPage } from "@/features/progress/athlete-progress";
import { openAthlete } from "@/server/athletes/athletes";
import { openAthleteProgress, periodOf } from "@/server/progress/open-progress";

export const dynamic = "force-dynamic";

type Props = {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ period?: string | string[] }>;
};

async function title({ params }: Props): Promise<Metadata> {
  const opened = await openAthlete((await params).id);
  return { title: opened ? `${opened.draft.name}, progress` : "Athlete" };
}

export const generateMetadata = titled("/athletes/[id]/progress", title);

async function ProgressPage({ params, searchParams }: Props) {
  const [{ id }, { period }] = await Promise.all([params, searchParams]);
  const progress = await openAthleteProgress(id, periodOf(period));
  if (!progress) notFound();
  return <AthleteProgressPage key={id} progress={progress} />;
}

export default page("/athletes/[id]/progress", ProgressPage);
