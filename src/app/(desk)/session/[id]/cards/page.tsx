import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { page, titled } from "@/app/door";
import { CardSheet } from "@/features/card/card-sheet";
import { PrintPage } from "@/features/card/print-page";
import { UnreadableSession } from "@/features/session-editor/unreadable-session";
import { openCatalog } from "@/server/library/catalog";
import { allCardsOf } from "@/server/plans/plan-session";
import { openedSession, sessionTitle } from "../opened";

export const dynamic = "force-dynamic";

type Params = { params: Promise<{ id: string }> };

async function title({ params }: Params): Promise<Metadata> {
  return sessionTitle((await params).id, "Cards");
}

export const generateMetadata = titled("/session/[id]/cards", title);

async function CardsPage({ params }: Params) {
  const { id } = await params;
  const catalog = await openCatalog();
  const opened = await openedSession(id);
  if (!opened.ok) {
    if (opened.error.kind === "missing") notFound();
    return <UnreadableSession message={opened.error.message} />;
  }
  const { session, gym } = opened.value;
  return (
    <PrintPage
      back={{ href: `/session/${id}`, name: session.name }}
      files={[
        { href: `/session/${id}/phones`, name: "On phones" },
        { href: `/session/${id}/sheets`, name: "Sheets" },
        { href: `/session/${id}/cards.pdf`, name: "As PDF" },
      ]}
    >
      {(await allCardsOf(opened.value, catalog)).map((card, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: two athletes may have one name
        <div key={i} className="break-after-page last:break-after-auto">
          <CardSheet card={card} gym={gym} />
        </div>
      ))}
    </PrintPage>
  );
}

export default page("/session/[id]/cards", CardsPage);
