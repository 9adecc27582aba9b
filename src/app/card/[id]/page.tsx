import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { Card } from "@/features/card/card";
import { UnreadableWarmUp } from "@/features/workbench/unreadable-warm-up";
import { openWarmUp } from "@/server/open-workbench";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Card" };

export default async function CardPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const opened = await openWarmUp(id);
  if (opened.ok) return <Card opened={opened.value} />;
  if (opened.error.kind === "missing") notFound();
  return <UnreadableWarmUp {...opened.error} />;
}
