import type { Metadata } from "next";
import { FilesPage } from "@/features/files/files-page";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Files" };

export default function Page() {
  return <FilesPage />;
}
