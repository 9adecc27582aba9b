import type { Metadata } from "next";
import { page } from "@/app/door";
import { FilesPage } from "@/features/files/files-page";
import { databaseCopies } from "@/server/files/database-copies";
import { packItems } from "@/server/files/pack";
import { listRecentChanges } from "@/server/files/restore";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Files" };

async function Page() {
  const [changes, pack] = await Promise.all([listRecentChanges(), packItems()]);
  return <FilesPage changes={changes} copies={databaseCopies()} pack={pack} />;
}

export default page("/files", Page);
