"use client";

import { createContext, type ReactNode, useCallback, useContext, useEffect, useState } from "react";
import { useFloor } from "@/client/use-floor";
import type { FloorEvent, Happening } from "@/core/floor";
import { FloorButton } from "./floor-button";

/** Something that is done with one tap: what is said of it, and what happens. */
export type Act = (said: string, happenings: readonly { athlete: string | null; what: Happening }[]) => void;

const ActContext = createContext<Act>(() => {});

/** Does something and says it, with a way to take it back. */
export function useAct(): Act {
  return useContext(ActContext);
}

/** For how long what was done can be taken back with one tap. Milliseconds. */
const UNDO_MS = 10_000;

/** What is done in it is said at its foot, and can be taken back there. */
export function Acts({ children }: { children: ReactNode }) {
  const { sayEach } = useFloor();
  const [last, setLast] = useState<{ said: string; events: readonly FloorEvent[] } | null>(null);
  const act = useCallback<Act>(
    (said, happenings) => {
      if (happenings.length === 0) return;
      setLast({ said, events: sayEach(happenings) });
    },
    [sayEach],
  );
  useEffect(() => {
    if (!last) return;
    const timer = setTimeout(() => setLast(null), UNDO_MS);
    return () => clearTimeout(timer);
  }, [last]);
  return (
    <ActContext.Provider value={act}>
      {children}
      <div
        role="status"
        className="pointer-events-none fixed inset-x-0 bottom-24 z-30 flex justify-center px-4"
      >
        {last && (
          <div className="pointer-events-auto flex max-w-full items-center gap-3 rounded-sm border border-ink bg-field py-1 pr-1 pl-4 shadow-sheet">
            <span className="truncate text-base">{last.said}</span>
            <FloorButton
              onClick={() => {
                sayEach(
                  last.events.map(({ id, athlete }) => ({ athlete, what: { kind: "undone", event: id } })),
                );
                setLast(null);
              }}
            >
              Undo
            </FloorButton>
          </div>
        )}
      </div>
    </ActContext.Provider>
  );
}
