"use client";

import { ChevronLeft, ChevronRight, Link2, Link2Off, X } from "lucide-react";
import { memo } from "react";
import { useCatalog } from "@/client/catalog";
import type { AthleteRecord } from "@/core/athlete";
import { knownLift } from "@/core/catalog";
import { MOST_LIFTS, startLift, type WarmUpDraft, type WarmUpEdit } from "@/core/draft";
import type { GymKit } from "@/core/gym";
import { type Plan, planOfLift, stairInWords, stairOf } from "@/core/plan";
import { formatClock, formatWeight } from "@/core/units";
import { AddLift } from "@/features/shared/add-lift";
import { SmallStair } from "@/features/shared/small-stair";
import { IconButton } from "@/ui/button";

/** The session's lifts in order, each with its small stair; the one in view is marked. */
export const LiftStrip = memo(function LiftStrip({
  draft,
  plan,
  athlete,
  gym,
  at,
  onLift,
  onEdit,
}: {
  draft: WarmUpDraft;
  plan: Plan;
  athlete: AthleteRecord;
  gym: GymKit;
  at: number;
  onLift: (at: number) => void;
  onEdit: (edit: WarmUpEdit) => void;
}) {
  const catalog = useCatalog();
  const parts = draft.lifts.map((_, i) => planOfLift(plan, i));
  const minutes = Math.max(6, ...parts.map((p) => p.seconds / 60 + 1));
  const add = (lift: string) => {
    onEdit({ kind: "add-lift", lift: startLift(athlete, gym, knownLift(catalog, lift)) });
    onLift(draft.lifts.length);
  };
  const isLast = at === draft.lifts.length - 1;
  return (
    <nav aria-label="Lifts of the session" className="flex items-stretch border-t border-line bg-chalk px-7">
      <ol className="flex min-w-0 flex-1 items-stretch overflow-x-auto">
        {draft.lifts.map((d, i) => {
          const lift = knownLift(catalog, d.lift);
          const part = parts[i]!;
          const isIn = i === at;
          return (
            <li
              // biome-ignore lint/suspicious/noArrayIndexKey: a lift is its place; the same one may come twice
              key={i}
              className="flex items-stretch"
            >
              <button
                type="button"
                aria-current={isIn ? "step" : undefined}
                onClick={() => onLift(i)}
                className={`grid ${draft.lifts.length < 4 ? "w-64" : "w-56"} shrink-0 grid-cols-[minmax(0,1fr)_5.5rem] items-end gap-2 border-b-2 py-1 pr-3 text-left ${
                  isIn ? "border-ember" : "border-transparent hover:border-line-strong"
                }`}
              >
                <span className="min-w-0 leading-tight">
                  <span className={`block truncate ${isIn ? "font-bold" : "font-medium"}`}>
                    {i + 1} {lift.name}
                  </span>
                  <span className="condensed block truncate text-ink-soft">
                    {lift.kind
                      ? null
                      : `${[d.sets, d.reps, ...(d.weight === null ? [] : [formatWeight(d.weight)])].join(" × ")} · `}
                    {formatClock(part.seconds)}
                  </span>
                </span>
                <SmallStair
                  stair={stairOf(part, null)}
                  width={88}
                  height={26}
                  minutes={minutes}
                  label={stairInWords(stairOf(part, null))}
                />
              </button>
              {d.pairedWithNext && (
                <span className="flex items-center pr-3 text-ink-faint" title="Superset">
                  <Link2 aria-hidden className="size-4" />
                  <span className="sr-only">superset with</span>
                </span>
              )}
            </li>
          );
        })}
      </ol>
      <span className="flex shrink-0 items-center">
        {draft.lifts.length > 1 && (
          <>
            <IconButton label="Lift earlier" disabled={at === 0} onClick={() => move(-1)}>
              <ChevronLeft aria-hidden className="size-4" />
            </IconButton>
            <IconButton label="Lift later" disabled={isLast} onClick={() => move(1)}>
              <ChevronRight aria-hidden className="size-4" />
            </IconButton>
            <IconButton
              label={draft.lifts[at]!.pairedWithNext ? "Not a superset" : "Superset with next"}
              disabled={isLast}
              onClick={() =>
                onEdit({
                  kind: "change-lift",
                  at,
                  change: { pairedWithNext: !draft.lifts[at]!.pairedWithNext },
                })
              }
            >
              {draft.lifts[at]!.pairedWithNext ? (
                <Link2Off aria-hidden className="size-4" />
              ) : (
                <Link2 aria-hidden className="size-4" />
              )}
            </IconButton>
            <IconButton
              label="Remove this lift"
              onClick={() => {
                onEdit({ kind: "remove-lift", at });
                onLift(Math.max(0, at - 1));
              }}
            >
              <X aria-hidden className="size-4" />
            </IconButton>
          </>
        )}
        {draft.lifts.length < MOST_LIFTS && <AddLift className="ml-2" onAdd={add} />}
      </span>
    </nav>
  );

  function move(by: 1 | -1) {
    onEdit({ kind: "move-lift", at, to: at + by });
    onLift(at + by);
  }
});
