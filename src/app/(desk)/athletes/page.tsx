import type { Metadata } from "next";
import { page } from "@/app/door";
import { AthleteList } from "@/features/athletes/athlete-list";
import { listAthletePage } from "@/server/athletes/athletes";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Athletes" };

async function AthletesPage({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  return <AthleteList page={await listAthletePage(await searchParams)} />;
}

export default page("/athletes", AthletesPage);
