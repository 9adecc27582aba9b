import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { cache } from "react";
import { page, titled } from "@/app/door";
import { AthleteEditor } from "@/features/athletes/athlete-editor";
import { openAthlete } from "@/server/athletes/athletes";

export const dynamic = "force-dynamic";

type Params = {
  params: Promise<{ id: string }>;
  searchParams: Promise<Record<string, string | string[] | undefined>>;
};

/** The page of a session that somebody came from; anything else leads nowhere. */
const SESSION_PAGE = /^\/session\/[\w%.-]+(\/[\w%.-]+)?$/;

/** Read once for the title and the page. */
const open = cache(openAthlete);

async function title({ params }: Params): Promise<Metadata> {
  const opened = await open((await params).id);
  return { title: opened?.draft.name ?? "Athlete" };
}

export const generateMetadata = titled("/athletes/[id]", title);

async function AthletePage({ params, searchParams }: Params) {
  const { id } = await params;
  const opened = await open(id);
  if (!opened) notFound();
  const { back } = await searchParams;
  const page = typeof back === "string" && SESSION_PAGE.test(back) ? back : null;
  return <AthleteEditor key={id} opened={opened} back={page} />;
}

export default page("/athletes/[id]", AthletePage);
