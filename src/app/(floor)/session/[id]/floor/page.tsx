import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { page, titled } from "@/app/door";
import { FloorScreen } from "@/features/floor/floor-screen";
import { isFor } from "@/server/floor/audience";
import { floorAudience } from "@/server/floor/audience-of";
import { openFloor } from "@/server/floor/open-floor";
import { beforeStart } from "@/server/floor/start-floor";
import { wallOf } from "@/server/floor/wall-address";
import { openCatalog } from "@/server/library/catalog";

export const dynamic = "force-dynamic";

type Params = { params: Promise<{ id: string }> };

async function title({ params }: Params): Promise<Metadata> {
  const floor = await openFloor((await params).id);
  return { title: floor ? `Floor: ${floor.plan.name}` : "Start a session" };
}

export const generateMetadata = titled("/session/[id]/floor", title);

async function FloorPage({ params }: Params) {
  const { id } = await params;
  const [floor, wall] = await Promise.all([openFloor(id), wallOf(id)]);
  if (floor) {
    const audience = await floorAudience();
    const events = floor.events.filter((e) => isFor(e, audience));
    return <FloorScreen key={id} {...floor} events={events} wall={wall} />;
  }
  const before = await beforeStart(id, await openCatalog());
  if (!before) notFound();
  return <FloorScreen key={id} {...before} wall={wall} />;
}

export default page("/session/[id]/floor", FloorPage);
