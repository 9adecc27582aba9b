import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { UnreadableWarmUp } from "@/features/workbench/unreadable-warm-up";
import { Workbench } from "@/features/workbench/workbench";
import { athleteChoices, openWarmUp } from "@/server/open-workbench";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Warm-up" };

export default async function WarmUpPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const [opened, athletes] = await Promise.all([openWarmUp(id), athleteChoices()]);
  if (opened.ok) return <Workbench key={id} opened={opened.value} athletes={athletes} />;
  if (opened.error.kind === "missing") notFound();
  return <UnreadableWarmUp {...opened.error} />;
}
