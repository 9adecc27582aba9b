import type { Metadata } from "next";
import { cache } from "react";
import { openCatalog } from "@/server/library/catalog";
import { openSession, openWarmUp } from "@/server/sessions/open-session";
import { dayInWords } from "@/ui/day-in-words";

/** A session, read once for a page and its title. */
export const openedSession = cache(async (id: string) => openSession(id, await openCatalog()));

/** One athlete's part of a session, read once for a page and its title. */
export const openedWarmUp = cache(async (id: string, athlete: string) =>
  openWarmUp(id, athlete, await openCatalog()),
);

/** The title of a session's page: which session, on which day, and what of it. */
export async function sessionTitle(id: string, what?: string): Promise<Metadata> {
  const opened = await openedSession(id);
  if (!opened.ok) return { title: what ?? "Session" };
  const { name, day } = opened.value.session;
  return { title: [what, `${name}, ${dayInWords(day)}`].filter(Boolean).join(": ") };
}

/** The title of one athlete's page: who, on which day, and what of it. */
export async function warmUpTitle(id: string, athlete: string, what: string): Promise<Metadata> {
  const opened = await openedWarmUp(id, athlete);
  if (!opened.ok) return { title: what };
  const { member, session } = opened.value;
  return { title: `${what}: ${member.athlete.name}, ${dayInWords(session.day)}` };
}
