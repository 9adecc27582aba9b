"use client";

import { useTimeInWords } from "./conventions";

/** A clock time such as "18:30" as it is said here. */
export function ClockTime({ time }: { time: string }) {
  return useTimeInWords()(time);
}
