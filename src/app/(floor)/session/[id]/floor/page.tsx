import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { FloorScreen } from "@/features/floor/floor-screen";
import { openFloor } from "@/server/floor/open-floor";
import { beforeStart } from "@/server/floor/start-floor";
import { wallOf } from "@/server/floor/wall-address";
import { openCatalog } from "@/server/library/catalog";

export const dynamic = "force-dynamic";

type Params = { params: Promise<{ id: string }> };

export async function generateMetadata({ params }: Params): Promise<Metadata> {
  const floor = await openFloor((await params).id);
  return { title: floor ? `Floor: ${floor.plan.name}` : "Start a session" };
}

export default async function FloorPage({ params }: Params) {
  const { id } = await params;
  const [floor, wall] = await Promise.all([openFloor(id), wallOf(id)]);
  if (floor) return <FloorScreen key={id} {...floor} wall={wall} />;
  const before = await beforeStart(id, await openCatalog());
  if (!before) notFound();
  return <FloorScreen key={id} {...before} wall={wall} />;
}
