import type { Metadata } from "next";
import { notFound, redirect } from "next/navigation";
import { page } from "@/app/door";
import { currentActor } from "@/server/access/actor";
import { ownCard } from "@/server/access/own";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Card" };

/** Leads an athlete to their card of a session, at an address that is made for it. */
async function OwnCardPage({ params }: { params: Promise<{ id: string }> }) {
  const actor = await currentActor();
  const card = actor?.athleteId ? await ownCard((await params).id, actor.athleteId) : null;
  if (!card) notFound();
  return redirect(card);
}

export default page("/me/card/[id]", OwnCardPage);
