import type { Metadata } from "next";
import { FilesPage } from "@/features/files/files-page";
import { sharedCards } from "@/server/cards/card-addresses";
import { databaseCopies } from "@/server/files/database-copies";
import { packItems } from "@/server/files/pack";
import { listRecentChanges } from "@/server/files/restore";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Files" };

export default async function Page() {
  const [changes, cards, pack] = await Promise.all([listRecentChanges(), sharedCards(), packItems()]);
  return <FilesPage changes={changes} cards={cards} copies={databaseCopies()} pack={pack} />;
}
