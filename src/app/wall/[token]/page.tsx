import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { page } from "@/app/door";
import { Wall, WallWaiting } from "@/features/floor/wall";
import { ServerAway } from "@/features/shared/server-away";
import { openWall } from "@/server/floor/open-wall";
import { ForcedDark } from "@/ui/forced-dark";

export const dynamic = "force-dynamic";
export const metadata: Metadata = {
  title: "Wall",
  // An address that is hard to guess must not be found in another way.
  robots: { index: false, follow: false },
  referrer: "no-referrer",
};

async function WallByAddress({ params }: { params: Promise<{ token: string }> }) {
  const { token } = await params;
  const wall = await openWall(token);
  if (!wall) notFound();
  return (
    <ForcedDark className="min-h-dvh overflow-hidden bg-chalk text-ink">
      {wall.kind === "running" ? <Wall token={token} open={wall.floor} /> : <WallWaiting {...wall} />}
      <ServerAway />
    </ForcedDark>
  );
}

export default page("/wall/[token]", WallByAddress);
