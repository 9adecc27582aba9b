"use client";

import { format } from "date-fns";
import { useRouter } from "next/navigation";
import { useEffect } from "react";

/** How often a card looks whether its session has been started. Milliseconds. */
const LOOK_EVERY_MS = 10_000;

/** On the day of its session a card becomes live as soon as that is started. */
export function PhoneWaiting({ day }: { day: string }) {
  const router = useRouter();
  useEffect(() => {
    const timer = setInterval(() => {
      if (document.visibilityState === "visible" && format(new Date(), "yyyy-MM-dd") === day)
        router.refresh();
    }, LOOK_EVERY_MS);
    return () => clearInterval(timer);
  }, [router, day]);
  return null;
}
