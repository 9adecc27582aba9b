import type { Metadata } from "next";
import { AthleteList } from "@/features/athletes/athlete-list";
import { listAthletePage } from "@/server/athletes/athletes";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Athletes" };

export default async function AthletesPage({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  return <AthleteList page={await listAthletePage(await searchParams)} />;
}
