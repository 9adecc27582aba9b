import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { AthleteDesk } from "@/features/athletes/athlete-desk";
import { openAthlete } from "@/server/athletes";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Athlete" };

export default async function AthletePage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const opened = await openAthlete(id);
  if (!opened) notFound();
  return <AthleteDesk key={id} opened={opened} />;
}
