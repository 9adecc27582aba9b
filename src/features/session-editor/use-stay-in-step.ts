"use client";

import { useRouter } from "next/navigation";
import { useEffect, useRef } from "react";
import { sessionStampAction } from "@/app/actions";
import type { SessionStamp } from "@/server/sessions/session-stamp";

/** How often a window that is looked at asks whether others have changed something. Milliseconds. */
const LOOK_EVERY_MS = 4000;

/**
 * Reads a session's page again when somebody else has changed what it shows: the gym, the people, what differs for one.
 * What the page itself saves is its own business and left out of the stamps that are compared.
 *
 * @param mine what of a stamp others change; it stays the same function from call to call.
 * @param isSaved nothing is read again while something here is not saved yet.
 */
export function useStayInStep(
  id: string,
  stamp: SessionStamp | null,
  mine: (stamp: SessionStamp) => unknown,
  isSaved: boolean,
): void {
  const router = useRouter();
  const shown = useRef("");
  shown.current = stamp ? JSON.stringify(mine(stamp)) : "";
  const saved = useRef(isSaved);
  saved.current = isSaved;
  useEffect(() => {
    let isLooking = false;
    const look = async () => {
      if (isLooking || !saved.current || document.visibilityState !== "visible") return;
      isLooking = true;
      const now = await sessionStampAction(id).catch(() => null);
      isLooking = false;
      if (now && saved.current && JSON.stringify(mine(now)) !== shown.current) router.refresh();
    };
    const timer = setInterval(() => void look(), LOOK_EVERY_MS);
    window.addEventListener("focus", look);
    return () => {
      clearInterval(timer);
      window.removeEventListener("focus", look);
    };
  }, [id, mine, router]);
}
