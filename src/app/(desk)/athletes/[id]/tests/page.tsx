import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { cache } from "react";
import { page, titled } from "@/app/door";
import { AthleteTests } from "@/features/tests/athlete-tests";
import { openTests } from "@/server/trials/open-tests";

export const dynamic = "force-dynamic";

type Params = { params: Promise<{ id: string }> };

/** Read once for the title and the page. */
const open = cache(openTests);

async function title({ params }: Params): Promise<Metadata> {
  const opened = await open((await params).id);
  return { title: opened ? `${opened.athlete.name}, tests` : "Athlete" };
}

export const generateMetadata = titled("/athletes/[id]/tests", title);

async function AthleteTestsPage({ params }: Params) {
  const { id } = await params;
  const opened = await open(id);
  if (!opened) notFound();
  return <AthleteTests key={id} opened={opened} />;
}

export default page("/athletes/[id]/tests", AthleteTestsPage);
