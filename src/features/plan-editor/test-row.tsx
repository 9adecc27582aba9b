import { ScanEye, Trash2 } from "lucide-react";
import { memo } from "react";
import type { PlanTest } from "@/core/plan";
import { formatClock, formatSeconds } from "@/core/units";
import { IconButton } from "@/ui/button";

/** A quick check between two drills. */
export const TestRow = memo(function TestRow({
  test,
  isChosen,
  onChoose,
  onDrop,
}: {
  test: PlanTest;
  isChosen: boolean;
  onChoose: () => void;
  /** Null: it is everybody's. */
  onDrop: (() => void) | null;
}) {
  const { drill, looksFor, startsAt, seconds } = test;
  return (
    <li
      className={`grid min-h-[2.3rem] w-full grid-cols-[0.5rem_2.25rem_minmax(0,1fr)_auto] items-center gap-x-2 border-t border-line ${isChosen ? "bg-field" : "hover:bg-field/60"}`}
    >
      <span />
      <span className="text-right text-ink-faint">{formatClock(startsAt)}</span>
      <button
        type="button"
        aria-pressed={isChosen}
        data-rove
        tabIndex={isChosen ? 0 : -1}
        onClick={onChoose}
        className="min-w-0 py-[3px] text-left leading-[1.3]"
      >
        <span className="flex items-center gap-2">
          <ScanEye aria-hidden className="size-4 shrink-0 text-ink-faint" />
          <span className="truncate font-semibold">{drill.name}</span>
          <span className="condensed shrink-0 text-ink-faint">Test</span>
        </span>
        {looksFor && <span className="ml-6 block text-xs text-ink-soft sm:truncate">{looksFor}</span>}
      </button>
      <span className="flex items-center">
        <span className="condensed text-sm font-medium whitespace-nowrap">{formatSeconds(seconds)}</span>
        {onDrop ? (
          <IconButton
            className="mr-10"
            tabIndex={isChosen ? 0 : -1}
            label={`Drop the test ${drill.name}`}
            onClick={onDrop}
          >
            <Trash2 aria-hidden className="size-4" />
          </IconButton>
        ) : (
          <span className="w-18" />
        )}
      </span>
    </li>
  );
});
