import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { page, titled } from "@/app/door";
import { PhonesPage } from "@/features/card/phones-page";
import { cardAddressesOf, lastDayOfCards, publicUrl } from "@/server/cards/card-addresses";
import { presentOf } from "@/server/plans/plan-session";
import { openedSession, sessionTitle } from "../opened";

export const dynamic = "force-dynamic";

type Params = { params: Promise<{ id: string }> };

async function title({ params }: Params): Promise<Metadata> {
  return sessionTitle((await params).id, "Cards on phones");
}

export const generateMetadata = titled("/session/[id]/phones", title);

async function Phones({ params }: Params) {
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

export default page("/session/[id]/phones", Phones);
