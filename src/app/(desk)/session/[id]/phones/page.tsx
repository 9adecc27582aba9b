import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { PhonesPage } from "@/features/card/phones-page";
import { cardAddressesOf, lastDayOfCards, publicUrl } from "@/server/cards/card-addresses";
import { presentOf } from "@/server/plans/plan-session";
import { openedSession, sessionTitle } from "../opened";

export const dynamic = "force-dynamic";

type Params = { params: Promise<{ id: string }> };

export async function generateMetadata({ params }: Params): Promise<Metadata> {
  return sessionTitle((await params).id, "Cards on phones");
}

export default async function Phones({ params }: Params) {
  const { id } = await params;
  const [opened, addresses] = await Promise.all([openedSession(id), cardAddressesOf(id)]);
  if (!opened.ok) notFound();
  const people = presentOf(opened.value).map(({ athlete }) => ({
    id: athlete.id,
    name: athlete.name,
    address: addresses.get(athlete.id) ?? null,
  }));
  const { session } = opened.value;
  return (
    <PhonesPage
      session={session}
      people={people}
      lastDay={lastDayOfCards(session.day)}
      publicUrl={publicUrl()}
    />
  );
}
