import type { Metadata } from "next";
import { notFound, redirect } from "next/navigation";
import { RecordPage } from "@/features/record/record-page";
import { floorStatus } from "@/server/floor/floor-status";
import { openCatalog } from "@/server/library/catalog";
import { openRecord } from "@/server/record/open-record";
import { sessionTitle } from "../opened";

export const dynamic = "force-dynamic";

type Params = { params: Promise<{ id: string }> };

export async function generateMetadata({ params }: Params): Promise<Metadata> {
  return sessionTitle((await params).id, "What was done");
}

export default async function SessionRecordPage({ params }: Params) {
  const { id } = await params;
  if ((await floorStatus(id)) === "running") redirect(`/session/${id}/floor`);
  const opened = await openRecord(id, await openCatalog());
  if (!opened) notFound();
  return <RecordPage key={id} opened={opened} />;
}
