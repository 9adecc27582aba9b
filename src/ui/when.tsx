"use client";

import { format } from "date-fns";

/** A moment as the clock of who looks shows it. @param at milliseconds since 1970. */
export function When({ at, as = "d MMM, HH:mm" }: { at: number; as?: string }) {
  // The server's clock may be in another zone than that of who looks.
  return (
    <time dateTime={new Date(at).toISOString()} suppressHydrationWarning>
      {format(at, as)}
    </time>
  );
}
