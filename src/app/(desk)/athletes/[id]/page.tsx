import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { cache } from "react";
import { AthleteEditor } from "@/features/athletes/athlete-editor";
import { openAthlete } from "@/server/athletes/athletes";

export const dynamic = "force-dynamic";

type Params = { params: Promise<{ id: string }> };

/** Read once for the title and the page. */
const open = cache(openAthlete);

export async function generateMetadata({ params }: Params): Promise<Metadata> {
  const opened = await open((await params).id);
  return { title: opened?.draft.name ?? "Athlete" };
}

export default async function AthletePage({ params }: Params) {
  const { id } = await params;
  const opened = await open(id);
  if (!opened) notFound();
  return <AthleteEditor key={id} opened={opened} />;
}
