"use client";

import { useFloor } from "@/client/use-floor";
import { type Face, faceOf, type SharedNow } from "@/core/floor";
import { initials } from "./clock-words";

/** What a face says in a word. */
const FACE_WORDS: Record<Face, string> = {
  "with-all": "with all",
  own: "own drill",
  drills: "drills",
  behind: "behind",
  ahead: "ahead",
  lifting: "ramp",
  ready: "ready",
  away: "not here",
};

/** How a face looks: never by colour alone, the word stands under it. */
const FACE_LOOKS: Record<Face, string> = {
  "with-all": "border-line-strong",
  own: "border-ochre-deep border-dashed",
  drills: "border-line-strong",
  behind: "border-ember border-[3px]",
  ahead: "border-ink",
  lifting: "border-ink",
  ready: "border-ink bg-ink text-chalk",
  away: "border-line border-dotted text-ink-faint",
};

/** Everybody who takes part, with where they are against the others; a tap opens one. */
export function FaceRail({
  shared,
  at,
  onOpen,
}: {
  shared: SharedNow | null;
  at: string | null;
  onOpen: (id: string) => void;
}) {
  const { plan, state } = useFloor();
  return (
    <nav aria-label="Athletes" className="overflow-x-auto">
      <ul className="flex gap-1">
        {plan.athletes.map((a) => {
          const face = faceOf(plan, a, state, shared);
          return (
            <li key={a.id}>
              <button
                type="button"
                onClick={() => onOpen(a.id)}
                aria-current={a.id === at ? "true" : undefined}
                className="flex min-w-[4.25rem] flex-col items-center gap-0.5 rounded-sm px-1 py-1.5 hover:bg-chalk-deep aria-[current]:bg-chalk-deep"
              >
                <span
                  aria-hidden
                  className={`relative grid size-12 place-items-center rounded-full border-2 text-base font-bold ${FACE_LOOKS[face]}`}
                >
                  {initials(a.name)}
                  {state.people[a.id]!.asked && (
                    <span className="absolute -top-1 -right-1 size-4 rounded-full bg-ember" />
                  )}
                </span>
                <span className="sr-only">
                  {a.name}
                  {state.people[a.id]!.asked && ", asks for something"}
                </span>
                <span
                  className={`condensed text-xs ${face === "behind" ? "font-bold text-ember" : "text-ink-soft"}`}
                >
                  {FACE_WORDS[face]}
                </span>
              </button>
            </li>
          );
        })}
      </ul>
    </nav>
  );
}
