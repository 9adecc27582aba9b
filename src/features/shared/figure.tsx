"use client";

import { type Drill, figureOf, type Lift } from "@/core/catalog";
import { fetchedOnce } from "@/lib/fetched-once";
import { useFetched } from "@/ui/later";

/** What draws figures, and the figures that ship: fetched where one is first shown. */
const code = fetchedOnce(() => import("./figure-drawing"));

export interface FigureLook {
  className?: string;
  /** When it moves: never, while it is pointed at or has the focus, or all the time that it is in view. */
  moves?: "never" | "when-met" | "always";
  /** Whether it can be turned by dragging. */
  isTurned?: boolean;
  /** What it shows, where no words beside it say so. */
  label?: string;
}

type Dose = Pick<Drill["dose"], "kind" | "secondsPerUnit" | "tempo" | "sides">;

/** What a lift's figure takes, since a lift has no dose of its own. */
const LIFT_DOSE: Dose = { kind: "reps", secondsPerUnit: 3, sides: 1 };

/** A drill's figure: its own, that of the drill it is a version of, or else the first letters of its name. */
export function DrillFigure({
  drill,
  ...look
}: FigureLook & { drill: Pick<Drill, "id" | "name" | "figure"> & { dose: Dose } }) {
  return <FigureOrInitials of="drill" shown={drill} dose={drill.dose} {...look} />;
}

/** A lift's main positions. */
export function LiftFigure({ lift, ...look }: FigureLook & { lift: Pick<Lift, "id" | "name" | "figure"> }) {
  return <FigureOrInitials of="lift" shown={lift} dose={LIFT_DOSE} {...look} />;
}

function FigureOrInitials({
  of,
  shown,
  dose,
  ...look
}: FigureLook & { of: "drill" | "lift"; shown: Pick<Drill, "id" | "name" | "figure">; dose: Dose }) {
  const loaded = useFetched(code);
  const figure = loaded?.FIGURES[of][figureOf(shown) ?? ""];
  if (loaded && figure) return <loaded.FigureDrawing figure={figure} dose={dose} {...look} />;
  const { label, className = "" } = look;
  return (
    <span
      {...(label && loaded ? { role: "img", "aria-label": label } : { "aria-hidden": true })}
      className={`grid aspect-square place-items-center font-bold text-ink-faint ${className}`}
    >
      {loaded && initialsOf(shown.name)}
    </span>
  );
}

function initialsOf(name: string): string {
  const words = name.split(/[\s-]+/).map((word) => word[0]);
  return words.join("").slice(0, 2).toUpperCase();
}
