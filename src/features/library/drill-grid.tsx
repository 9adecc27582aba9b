import type { Drill } from "@/core/catalog";
import { DrillFigure } from "@/features/shared/figure";
import { rove } from "@/ui/rove";

/** Drills as figures; one moves while it is pointed at. */
export function DrillGrid({
  drills,
  onChoose,
}: {
  drills: readonly Drill[];
  onChoose: (id: string) => void;
}) {
  if (drills.length === 0) return <p className="text-ink-soft">No drill found. Try fewer or other words.</p>;
  return (
    <ul
      aria-label="Drills as figures"
      onKeyDown={(e) => rove(e, { isChosen: false })}
      className="grid grid-cols-[repeat(auto-fill,minmax(7.5rem,1fr))] gap-x-3 gap-y-5"
    >
      {drills.map((drill, i) => (
        <li key={drill.id} className="[contain-intrinsic-size:auto_9rem] [content-visibility:auto]">
          <button
            type="button"
            data-rove
            tabIndex={i === 0 ? 0 : -1}
            onClick={() => onChoose(drill.id)}
            className="block w-full rounded-sm p-1 text-left hover:bg-field focus-visible:bg-field"
          >
            <DrillFigure drill={drill} moves="when-met" className="w-full" />
            <span className="mt-1 block text-xs leading-tight font-semibold">{drill.name}</span>
          </button>
        </li>
      ))}
    </ul>
  );
}
