import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { page, titled } from "@/app/door";
import { PlanEditor } from "@/features/plan-editor/plan-editor";
import { UnreadableWarmUp } from "@/features/plan-editor/unreadable-warm-up";
import { floorStatus } from "@/server/floor/floor-status";
import { openCatalog } from "@/server/library/catalog";
import { groupPlanOf } from "@/server/plans/plan-session";
import { openQuestion } from "@/server/preferences/preferences";
import { sessionStamp } from "@/server/sessions/session-stamp";
import { openedWarmUp, warmUpTitle } from "../opened";

export const dynamic = "force-dynamic";

type Params = { params: Promise<{ id: string; athlete: string }> };

async function title({ params }: Params): Promise<Metadata> {
  const { id, athlete } = await params;
  return warmUpTitle(id, athlete, "Warm-up");
}

export const generateMetadata = titled("/session/[id]/[athlete]", title);

async function WarmUpPage({ params }: Params) {
  const { id, athlete } = await params;
  const catalog = await openCatalog();
  const [opened, stamp, floor, question] = await Promise.all([
    openedWarmUp(id, athlete),
    sessionStamp(id),
    floorStatus(id),
    openQuestion(athlete, catalog),
  ]);
  if (!opened.ok) {
    if (opened.error.kind === "missing") notFound();
    return <UnreadableWarmUp {...opened.error} />;
  }
  const { member, revision } = opened.value;
  const group = member.absent ? null : await groupPlanOf(opened.value, catalog);
  const part = group?.members.find((m) => m.id === athlete) ?? null;
  // Another session begins anew; so does one that somebody has changed for everybody.
  const key = `${id} ${athlete} ${revision}`;
  return (
    <PlanEditor key={key} opened={opened.value} part={part} stamp={stamp} floor={floor} question={question} />
  );
}

export default page("/session/[id]/[athlete]", WarmUpPage);
