import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { PhoneCard } from "@/features/card/phone-card";
import { openByAddress } from "@/server/cards/card-addresses";
import { openCatalog } from "@/server/library/catalog";
import { cardOf } from "@/server/plans/plan-session";

export const dynamic = "force-dynamic";
export const metadata: Metadata = {
  title: "Card",
  // An address that is hard to guess must not be found in another way.
  robots: { index: false, follow: false },
  referrer: "no-referrer",
};

export default async function CardByAddress({ params }: { params: Promise<{ token: string }> }) {
  const catalog = await openCatalog();
  const opened = await openByAddress((await params).token, catalog);
  if (!opened) notFound();
  return <PhoneCard card={await cardOf(opened, opened.member, catalog)} gym={opened.gym} />;
}
