import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { AthleteEditor } from "@/features/athletes/athlete-editor";
import { openAthlete } from "@/server/athletes/athletes";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Athlete" };

export default async function AthletePage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const opened = await openAthlete(id);
  if (!opened) notFound();
  return <AthleteEditor key={id} opened={opened} />;
}
