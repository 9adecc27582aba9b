import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { CardSheet } from "@/features/card/card-sheet";
import { PrintPage } from "@/features/card/print-page";
import { UnreadableWarmUp } from "@/features/plan-editor/unreadable-warm-up";
import { openCatalog } from "@/server/library/catalog";
import { cardOf } from "@/server/plans/plan-session";
import { openWarmUp } from "@/server/sessions/open-session";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Card" };

export default async function CardPage({ params }: { params: Promise<{ id: string; athlete: string }> }) {
  const { id, athlete } = await params;
  const catalog = await openCatalog();
  const opened = await openWarmUp(id, athlete, catalog);
  if (!opened.ok) {
    if (opened.error.kind === "missing") notFound();
    return <UnreadableWarmUp {...opened.error} />;
  }
  const href = `/session/${id}/${athlete}`;
  const { gym, member } = opened.value;
  return (
    <PrintPage
      back={{ href, name: "Plan" }}
      files={[
        { href: `${href}/card.pdf`, name: "As PDF" },
        { href: `${href}/plan.md`, name: "As Markdown" },
      ]}
    >
      <CardSheet card={await cardOf(opened.value, member, catalog)} gym={gym} />
    </PrintPage>
  );
}
