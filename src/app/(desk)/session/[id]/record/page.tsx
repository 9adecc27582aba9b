import type { Metadata } from "next";
import { notFound, redirect } from "next/navigation";
import { page, titled } from "@/app/door";
import { RecordPage } from "@/features/record/record-page";
import { floorStatus } from "@/server/floor/floor-status";
import { openCatalog } from "@/server/library/catalog";
import { openRecord } from "@/server/record/open-record";
import { sessionTitle } from "../opened";

export const dynamic = "force-dynamic";

type Params = { params: Promise<{ id: string }> };

async function title({ params }: Params): Promise<Metadata> {
  return sessionTitle((await params).id, "What was done");
}

export const generateMetadata = titled("/session/[id]/record", title);

async function SessionRecordPage({ params }: Params) {
  const { id } = await params;
  if ((await floorStatus(id)) === "running") redirect(`/session/${id}/floor`);
  const opened = await openRecord(id, await openCatalog());
  if (!opened) notFound();
  return <RecordPage key={id} opened={opened} />;
}

export default page("/session/[id]/record", SessionRecordPage);
