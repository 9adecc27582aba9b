import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { page } from "@/app/door";
import { GroupProgressPage } from "@/features/progress/group-progress";
import { openGroupProgress, periodOf } from "@/server/progress/open-progress";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Progress" };

async function GroupPage({
  searchParams,
}: {
  searchParams: Promise<{ group?: string | string[]; period?: string | string[] }>;
}) {
  const { group, period } = await searchParams;
  const progress = await openGroupProgress([group].flat()[0] ?? null, periodOf(period));
  if (!progress) notFound();
  return <GroupProgressPage progress={progress} />;
}

export default page("/progress", GroupPage);
