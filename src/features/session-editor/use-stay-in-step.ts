"use client";

import { useRouter } from "next/navigation";
import { useEffect, useRef } from "react";
import { useStamp } from "@/client/data";
import type { Saver } from "@/client/use-saved-draft";
import { isEqual } from "@/lib/equality";
import type { SessionStamp } from "@/server/sessions/session-stamp";

/**
 * Reads a session's page again when somebody else has changed what it shows: the gym, the people, what differs for one.
 * What the page itself saves is its own business and left out of the stamps that are compared.
 *
 * @param shown the stamp of what the page shows; null: not known.
 * @param mine what of a stamp others change; it stays the same function from call to call.
 * @param saver nothing is read again while something here is not saved yet.
 */
export function useStayInStep(
  id: string,
  shown: SessionStamp | null,
  mine: (stamp: SessionStamp) => unknown,
  saver: Saver,
): void {
  const router = useRouter();
  const now = useStamp<SessionStamp>("session", id);
  /** The stamp for which the page has been read again: what is shown then may be newer than it. */
  const done = useRef<SessionStamp | null>(null);
  useEffect(() => {
    if (!now || !shown) return;
    const look = () => {
      if (saver.state.kind !== "saved" || done.current === now || isEqual(mine(now), mine(shown))) return;
      done.current = now;
      router.refresh();
    };
    look();
    return saver.subscribe(look);
  }, [now, shown, mine, saver, router]);
}
