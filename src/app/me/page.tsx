import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { page } from "@/app/door";
import { OwnPage } from "@/features/access/own-page";
import { currentActor } from "@/server/access/actor";
import { ownPage } from "@/server/access/own";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Yours" };

/** What an athlete sees who comes in with their own phone. */
async function MePage() {
  const actor = await currentActor();
  const own = actor?.athleteId ? await ownPage(actor.athleteId) : null;
  if (!own) notFound();
  return <OwnPage own={own} />;
}

export default page("/me", MePage);
