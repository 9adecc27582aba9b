"use client";

import { readyWords } from "@/core/session";
import { Button } from "@/ui/button";
import type { GroupPlanning } from "./use-group-plan";

/** How far the plan of a session is, and when everybody is ready to lift. */
export function PlanningState({
  planning,
  readyAt,
  last,
  minutes,
  onCancel,
  onAgain,
}: {
  /** Null: there is nobody to plan for. */
  planning: GroupPlanning | null;
  /** Seconds to the first working set of the last one; null: not known. */
  readyAt: number | null;
  /** Who is ready last; null: not known. */
  last: string | null;
  minutes: number;
  onCancel: () => void;
  onAgain: () => void;
}) {
  return (
    <span role="status" className="flex min-h-9 items-center gap-3 text-ink-soft print:hidden">
      {planning?.kind === "working" && (
        <>
          <progress aria-label="Planning" value={planning.done} max={1} className="h-1.5 w-32 accent-ember" />
          <Button onClick={onCancel}>Cancel</Button>
        </>
      )}
      {readyAt !== null && readyWords(readyAt, minutes)}
      {readyAt !== null && last && readyAt > minutes * 60 && `. Last: ${last}`}
      {planning?.kind === "cancelled" && (
        <>
          Cancelled. <Button onClick={onAgain}>Plan again</Button>
        </>
      )}
      {planning?.kind === "failed" &&
        "The plan could not be worked out. Change something and it is tried again."}
    </span>
  );
}
