import type { CardLift } from "@/core/card";
import { DrillFigure } from "@/features/shared/figure";

/** Figures that stand side by side at most; the rest are left to the table. */
export const MOST_FIGURES = 12;

/** The drills of a lift as a row of figures, numbered as in the table under it. */
export function FigureStrip({ lift: { drills } }: { lift: CardLift }) {
  const shown = drills.filter((d) => !d.isTest).slice(0, MOST_FIGURES);
  if (shown.length === 0) return null;
  return (
    <ol aria-hidden className="mt-2 flex flex-wrap gap-x-2">
      {shown.map(({ id, number, drill }) => (
        <li key={id} className="relative w-[3.4rem] print:w-[3.1rem]">
          <DrillFigure drill={drill} className="on-field w-full" />
          <span className="condensed absolute top-0 left-0 text-xs font-bold text-ink-faint">{number}</span>
        </li>
      ))}
    </ol>
  );
}
