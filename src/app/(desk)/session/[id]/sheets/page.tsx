import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { page, titled } from "@/app/door";
import { GroupPaper } from "@/features/card/group-paper";
import { PrintPage } from "@/features/card/print-page";
import { openCatalog } from "@/server/library/catalog";
import { wholePlanOf } from "@/server/plans/plan-session";
import { openedSession, sessionTitle } from "../opened";

export const dynamic = "force-dynamic";

type Params = { params: Promise<{ id: string }> };

async function title({ params }: Params): Promise<Metadata> {
  return sessionTitle((await params).id, "Sheets");
}

export const generateMetadata = titled("/session/[id]/sheets", title);

async function SheetsPage({ params }: Params) {
  const { id } = await params;
  const catalog = await openCatalog();
  const opened = await openedSession(id);
  if (!opened.ok) notFound();
  const { session, gym } = opened.value;
  return (
    <PrintPage
      wide
      back={{ href: `/session/${id}`, name: session.name }}
      files={[{ href: `/session/${id}/sheets.pdf`, name: "As PDF" }]}
    >
      <GroupPaper session={session} plan={await wholePlanOf(opened.value, catalog)} gym={gym} />
    </PrintPage>
  );
}

export default page("/session/[id]/sheets", SheetsPage);
