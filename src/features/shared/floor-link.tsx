"use client";

import { Play } from "lucide-react";
import { useLooker } from "@/client/looker";
import type { FloorStatus } from "@/server/floor/floor-status";
import { Link } from "@/ui/link";

const WORDS: Record<FloorStatus, string> = {
  "not-started": "Start",
  running: "Running",
  over: "What was done",
};

/** The way from a session to the floor: to start it, to the one that runs, or to what was done or is to be written down. */
export function FloorLink({
  id,
  status,
  name,
  isPast = false,
}: {
  id: string;
  status: FloorStatus;
  name: string;
  /** Whether its day has passed. */
  isPast?: boolean;
}) {
  const { hasDesk } = useLooker();
  const isMissed = isPast && status === "not-started";
  const words = isMissed ? "Write down" : WORDS[status];
  const isRecord = isMissed || status === "over";
  // The record is for coaches.
  if (isRecord && !hasDesk) return null;
  const look =
    status === "running"
      ? "bg-ember text-chalk hover:bg-ember-deep"
      : "border border-line-strong hover:border-ink hover:bg-chalk-deep";
  return (
    <Link
      href={`/session/${id}/${isRecord ? "record" : "floor"}`}
      aria-label={`${words}: ${name}`}
      className={`inline-flex min-h-8 items-center gap-1.5 rounded-sm px-3 font-semibold pointer-coarse:min-h-11 ${look}`}
    >
      {!isRecord && <Play aria-hidden className="size-4" />}
      {words}
    </Link>
  );
}
