"use client";

import { ArrowLeft, Pause, Play, Settings2 } from "lucide-react";
import { useState } from "react";
import { useFloor, useNow } from "@/client/use-floor";
import { dueAt, isPaused, runningSeconds, sessionBehind } from "@/core/floor";
import { Link } from "@/ui/link";
import { useAct } from "./acts";
import { clockDigits, paceWords } from "./clock-words";
import { FloorButton } from "./floor-button";
import type { Look } from "./floor-screen";
import { FloorSettings } from "./floor-settings";

/** The head of a running session: the ways to look at it, the clock against the plan, pause, and the rest behind one button. */
export function FloorHead({
  look,
  at,
  onLook,
}: {
  look: Look;
  at: string | null;
  onLook: (to: string) => void;
}) {
  const { plan, state, waiting, isConnected, refusal } = useFloor();
  const act = useAct();
  const [isOpen, setOpen] = useState(false);
  const paused = isPaused(state);
  const isOver = state.finished !== null;
  const hasRacks = plan.racks.length > 0;
  const views = [
    { id: "all", name: plan.isGroup ? "Together" : "Everybody" },
    ...(hasRacks ? [{ id: "racks", name: "Racks" }] : []),
  ];
  return (
    <header className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-line px-2 py-1 sm:px-4">
      <Link
        href={`/session/${plan.sessionId}`}
        aria-label="Back to the session"
        className="grid size-12 shrink-0 place-items-center rounded-sm text-ink-soft hover:bg-chalk-deep hover:text-ink"
      >
        <ArrowLeft aria-hidden className="size-5" />
      </Link>
      <span className="hidden min-w-0 truncate text-lg font-bold tracking-tight lg:inline">{plan.name}</span>
      {!isOver && plan.athletes.length > 1 && (
        <nav aria-label="Look at" className="flex">
          {views.map(({ id, name }) => (
            <button
              key={id}
              type="button"
              aria-current={at === null && look === id ? "page" : undefined}
              onClick={() => onLook(id)}
              className="min-h-12 border-b-[3px] border-transparent px-4 text-base font-semibold text-ink-soft hover:text-ink aria-[current]:border-ember aria-[current]:text-ink"
            >
              {name}
            </button>
          ))}
        </nav>
      )}
      <span className="ml-auto flex items-center gap-3">
        {(waiting > 0 || !isConnected) && (
          <span role="status" className="text-base text-ink-soft">
            {waiting > 0 ? `${waiting} not sent yet` : "No network: it goes on here"}
          </span>
        )}
        {refusal && (
          <span role="alert" className="max-w-60 truncate text-base font-semibold text-ember" title={refusal}>
            {refusal}
          </span>
        )}
        <Clock />
      </span>
      {!isOver && (
        <FloorButton
          look="bare"
          aria-label={paused ? "Go on" : "Pause"}
          className="px-3"
          onClick={() =>
            act(paused ? "Going on" : "Paused", [
              { athlete: null, what: { kind: paused ? "resumed" : "paused" } },
            ])
          }
        >
          {paused ? <Play aria-hidden className="size-6" /> : <Pause aria-hidden className="size-6" />}
        </FloorButton>
      )}
      <FloorButton
        look="bare"
        aria-label="Sound, wall and finish"
        className="px-3"
        onClick={() => setOpen(true)}
      >
        <Settings2 aria-hidden className="size-6" />
      </FloorButton>
      <FloorSettings open={isOpen} onOpenChange={setOpen} />
    </header>
  );
}

/** How long it has run, what is left to the first working set, and how that stands against the plan. */
function Clock() {
  const { plan, state } = useFloor();
  const now = useNow(1000);
  if (state.startedAt === null || state.finished) return null;
  const behind = sessionBehind(plan, state, now);
  const due = dueAt(plan, state, now);
  const left = (due - now) / 1000;
  return (
    <p className="text-base whitespace-nowrap">
      {behind === null ? (
        <span className="font-semibold">Everybody is ready</span>
      ) : (
        <>
          <span className="condensed text-2xl font-bold">
            {left >= 0 ? clockDigits(left) : `+${clockDigits(-left)}`}
          </span>{" "}
          <span className="text-ink-soft">{left >= 0 ? "to lifting" : "over"}</span>
          <span className={`ml-2 font-semibold ${behind >= 60 ? "text-ember" : "text-ink-soft"}`}>
            {paceWords(behind)}
          </span>
        </>
      )}
      <span className="sr-only">, running for {clockDigits(runningSeconds(state, now))}</span>
    </p>
  );
}
