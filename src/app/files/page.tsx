import type { Metadata } from "next";
import { FilesPage } from "@/features/files/files-page";
import { listToTakeBack } from "@/server/take-back";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Files" };

export default async function Page() {
  return <FilesPage toTakeBack={await listToTakeBack()} />;
}
