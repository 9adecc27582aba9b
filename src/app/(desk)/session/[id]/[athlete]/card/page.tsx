import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { page, titled } from "@/app/door";
import { CardSheet } from "@/features/card/card-sheet";
import { PrintPage } from "@/features/card/print-page";
import { UnreadableWarmUp } from "@/features/plan-editor/unreadable-warm-up";
import { openCatalog } from "@/server/library/catalog";
import { cardOf } from "@/server/plans/plan-session";
import { openedWarmUp, warmUpTitle } from "../../opened";

export const dynamic = "force-dynamic";

type Params = { params: Promise<{ id: string; athlete: string }> };

async function title({ params }: Params): Promise<Metadata> {
  const { id, athlete } = await params;
  return warmUpTitle(id, athlete, "Card");
}

export const generateMetadata = titled("/session/[id]/[athlete]/card", title);

async function CardPage({ params }: Params) {
  const { id, athlete } = await params;
  const catalog = await openCatalog();
  const opened = await openedWarmUp(id, athlete);
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

export default page("/session/[id]/[athlete]/card", CardPage);
