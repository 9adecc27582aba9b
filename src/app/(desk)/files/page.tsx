import type { Metadata } from "next";
import { FilesPage } from "@/features/files/files-page";
import { databaseCopies } from "@/server/files/database-copies";
import { listRecentChanges } from "@/server/files/restore";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Files" };

export default async function Page() {
  return <FilesPage changes={await listRecentChanges()} copies={databaseCopies()} />;
}
