import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { PhoneCard } from "@/features/card/phone-card";
import { openByAddress } from "@/server/cards/card-addresses";
import { warmUpOf } from "@/server/plans/plan-session";

export const dynamic = "force-dynamic";
export const metadata: Metadata = {
  title: "Card",
  // An address that is hard to guess must not be found in another way.
  robots: { index: false, follow: false },
  referrer: "no-referrer",
};

export default async function CardByAddress({ params }: { params: Promise<{ token: string }> }) {
  const opened = await openByAddress((await params).token);
  if (!opened) notFound();
  const { session, gym, member } = opened;
  return <PhoneCard session={session} gym={gym} warmUp={warmUpOf(opened, member)} />;
}
