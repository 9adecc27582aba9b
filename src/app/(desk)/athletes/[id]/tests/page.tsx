import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { cache } from "react";
import { AthleteTests } from "@/features/tests/athlete-tests";
import { openTests } from "@/server/trials/open-tests";

export const dynamic = "force-dynamic";

type Params = { params: Promise<{ id: string }> };

/** Read once for the title and the page. */
const open = cache(openTests);

export async function generateMetadata({ params }: Params): Promise<Metadata> {
  const opened = await open((await params).id);
  return { title: opened ? `${opened.athlete.name}, tests` : "Athlete" };
}

export default async function AthleteTestsPage({ params }: Params) {
  const { id } = await params;
  const opened = await open(id);
  if (!opened) notFound();
  return <AthleteTests key={id} opened={opened} />;
}
