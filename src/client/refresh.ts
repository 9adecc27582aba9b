"use client";

import { useRouter } from "next/navigation";
import { useEffect, useEffectEvent, useTransition } from "react";

/** Asked whether the server is there: small, and the same for everybody. */
const THERE = "/robots.txt";

/** Whether the server answers, and not a proxy in its place that says that it does not. */
export async function isServerThere(fetch = window.fetch): Promise<boolean> {
  return (await fetch(THERE, { method: "HEAD", cache: "no-store" }).catch(() => null))?.ok === true;
}

/**
 * Asks for the open page anew for as long as that is wanted, again and again. Only while the server answers: a page that is asked
 * for in vain would have the browser load it itself, and what is open would be gone.
 *
 * @param isWanted asked each time.
 * @param every milliseconds; also before the first time.
 */
export function useRefreshWhile(isWanted: () => boolean, every: number): void {
  const router = useRouter();
  const [isAsking, startAsking] = useTransition();
  const look = useEffectEvent(async (isOver: () => boolean) => {
    if (isAsking || document.visibilityState === "hidden" || !isWanted()) return;
    if ((await isServerThere()) && !isOver()) startAsking(() => router.refresh());
  });
  useEffect(() => {
    let isOver = false;
    const timer = setInterval(() => void look(() => isOver), every);
    return () => {
      isOver = true;
      clearInterval(timer);
    };
  }, [every]);
}
