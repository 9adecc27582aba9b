import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { GroupBench } from "@/features/group/group-bench";
import { openGroup } from "@/server/open-group";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Group warm-up" };

export default async function GroupPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ view?: string | string[] }>;
}) {
  const { id } = await params;
  const { view } = await searchParams;
  const opened = await openGroup(id);
  if (!opened) notFound();
  return <GroupBench key={id} opened={opened} openAt={[view].flat()[0]} />;
}
