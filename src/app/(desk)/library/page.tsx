import type { Metadata } from "next";
import { page } from "@/app/door";
import { Library } from "@/features/library/library";
import { SHELVES, type Shelf } from "@/features/library/shelves";

export const metadata: Metadata = { title: "Library" };

async function LibraryPage({
  searchParams,
}: {
  searchParams: Promise<{ shelf?: string | string[]; of?: string | string[] }>;
}) {
  const { shelf, of } = await searchParams;
  const known = SHELVES.find((s) => s.id === [shelf].flat()[0])?.id ?? "drills";
  return <Library openShelf={known satisfies Shelf} openId={[of].flat()[0] ?? null} />;
}

export default page("/library", LibraryPage);
