import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { PhonesPage } from "@/features/card/phones-page";
import { cardAddressesOf, publicUrl } from "@/server/cards/card-addresses";
import { openCatalog } from "@/server/library/catalog";
import { presentOf } from "@/server/plans/plan-session";
import { openSession } from "@/server/sessions/open-session";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Cards on phones" };

export default async function Phones({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const catalog = await openCatalog();
  const [opened, addresses] = await Promise.all([openSession(id, catalog), cardAddressesOf(id)]);
  if (!opened.ok) notFound();
  const people = presentOf(opened.value).map(({ athlete }) => ({
    id: athlete.id,
    name: athlete.name,
    address: addresses.get(athlete.id) ?? null,
  }));
  return <PhonesPage session={opened.value.session} people={people} publicUrl={publicUrl()} />;
}
