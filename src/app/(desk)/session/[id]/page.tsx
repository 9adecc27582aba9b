import type { Metadata } from "next";
import { notFound, redirect } from "next/navigation";
import { page, titled } from "@/app/door";
import { SessionEditor } from "@/features/session-editor/session-editor";
import { UnreadableSession } from "@/features/session-editor/unreadable-session";
import { floorStatus } from "@/server/floor/floor-status";
import { gymChoices } from "@/server/gyms/gym-kit";
import { sessionStamp } from "@/server/sessions/session-stamp";
import { openedSession, sessionTitle } from "./opened";

export const dynamic = "force-dynamic";

type Params = { params: Promise<{ id: string }> };

async function title({ params }: Params): Promise<Metadata> {
  return sessionTitle((await params).id);
}

export const generateMetadata = titled("/session/[id]", title);

async function SessionPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ view?: string | string[]; plan?: string | string[] }>;
}) {
  const { id } = await params;
  const { view, plan } = await searchParams;
  const [opened, gyms, stamp, floor] = await Promise.all([
    openedSession(id),
    gymChoices(),
    sessionStamp(id),
    floorStatus(id),
  ]);
  // What is over shows what was done, unless its plan is asked for.
  if (floor === "over" && !plan && !view) redirect(`/session/${encodeURIComponent(id)}/record`);
  if (opened.ok)
    return (
      <SessionEditor
        key={id}
        opened={opened.value}
        gyms={gyms}
        stamp={stamp}
        floor={floor}
        openAt={[view].flat()[0]}
      />
    );
  if (opened.error.kind === "missing") notFound();
  return <UnreadableSession message={opened.error.message} />;
}

export default page("/session/[id]", SessionPage);
