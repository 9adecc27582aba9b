import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { page } from "@/app/door";
import { TestDayPage } from "@/features/tests/test-day";
import { openTestDay } from "@/server/trials/open-test-day";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Day of tests" };

async function TestsPage({ searchParams }: { searchParams: Promise<{ group?: string | string[] }> }) {
  const { group } = await searchParams;
  const opened = await openTestDay([group].flat()[0] ?? null);
  if (!opened) notFound();
  return <TestDayPage key={opened.group.id} opened={opened} />;
}

export default page("/tests", TestsPage);
