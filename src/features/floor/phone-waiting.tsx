"use client";

import { useRefreshWhile } from "@/client/refresh";
import { isoDay } from "@/lib/iso-day";

/** How often a card looks whether its session has been started. Milliseconds. */
const LOOK_EVERY_MS = 10_000;

/** On the day of its session a card becomes live as soon as that is started. */
export function PhoneWaiting({ day }: { day: string }) {
  useRefreshWhile(() => isoDay(new Date()) === day, LOOK_EVERY_MS);
  return null;
}
