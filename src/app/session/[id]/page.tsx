import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { SessionBench } from "@/features/session/session-bench";
import { UnreadableSession } from "@/features/session/unreadable-session";
import { gymChoices } from "@/server/gym-kit";
import { openSession } from "@/server/open-session";
import { sessionStamp } from "@/server/session-stamp";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Session" };

export default async function SessionPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ view?: string | string[] }>;
}) {
  const { id } = await params;
  const { view } = await searchParams;
  const [opened, gyms, stamp] = await Promise.all([openSession(id), gymChoices(), sessionStamp(id)]);
  if (opened.ok)
    return (
      <SessionBench key={id} opened={opened.value} gyms={gyms} stamp={stamp} openAt={[view].flat()[0]} />
    );
  if (opened.error.kind === "missing") notFound();
  return <UnreadableSession message={opened.error.message} />;
}
