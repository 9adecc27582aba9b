import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { UnreadableWarmUp } from "@/features/workbench/unreadable-warm-up";
import { Workbench } from "@/features/workbench/workbench";
import { openWarmUp } from "@/server/open-session";
import { groupPlanOf } from "@/server/plan-session";
import { sessionStamp } from "@/server/session-stamp";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Warm-up" };

type Params = { params: Promise<{ id: string; athlete: string }> };

export default async function WarmUpPage({ params }: Params) {
  const { id, athlete } = await params;
  const [opened, stamp] = await Promise.all([openWarmUp(id, athlete), sessionStamp(id)]);
  if (!opened.ok) {
    if (opened.error.kind === "missing") notFound();
    return <UnreadableWarmUp {...opened.error} />;
  }
  const { member, revision } = opened.value;
  const group = member.absent ? null : groupPlanOf(opened.value);
  const part = group?.members.find((m) => m.id === athlete) ?? null;
  // Another session begins anew; so does one that somebody has changed for everybody.
  const key = `${id} ${athlete} ${revision}`;
  return <Workbench key={key} opened={opened.value} part={part} stamp={stamp} />;
}
