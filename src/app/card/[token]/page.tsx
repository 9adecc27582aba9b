import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { page } from "@/app/door";
import { PhoneCard } from "@/features/card/phone-card";
import { PhoneLiveLater } from "@/features/floor/phone-live-later";
import { PhoneWaiting } from "@/features/floor/phone-waiting";
import { PhoneFollowUpsLater } from "@/features/follow-ups/phone-follow-ups-later";
import { openByAddress } from "@/server/cards/card-addresses";
import { floorOfAthlete } from "@/server/floor/open-floor";
import { followUpsOfCard } from "@/server/follow-ups/follow-ups";
import { openCatalog } from "@/server/library/catalog";
import { cardOf } from "@/server/plans/plan-session";

export const dynamic = "force-dynamic";
export const metadata: Metadata = {
  title: "Card",
  // An address that is hard to guess must not be found in another way.
  robots: { index: false, follow: false },
  referrer: "no-referrer",
};

async function CardByAddress({ params }: { params: Promise<{ token: string }> }) {
  const catalog = await openCatalog();
  const { token } = await params;
  const opened = await openByAddress(token, catalog);
  if (!opened) notFound();
  const card = await cardOf(opened, opened.member, catalog);
  const floor = await floorOfAthlete(opened.session.id, opened.member.athlete.id);
  const followUps = await followUpsOfCard(opened.session.id, opened.member.athlete.id);
  return (
    <>
      {followUps.length > 0 && <PhoneFollowUpsLater token={token} followUps={followUps} />}
      <PhoneCard
        card={card}
        gym={opened.gym}
        live={floor ? <PhoneLiveLater token={token} open={floor} /> : null}
      />
      {!floor && <PhoneWaiting day={card.day} />}
    </>
  );
}

export default page("/card/[token]", CardByAddress);
