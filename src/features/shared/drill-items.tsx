import { type Drill, PHASE_NAMES, PHASES } from "@/core/catalog";
import type { PickItem } from "@/ui/pick-sheet";
import { DrillFigure } from "./figure";

const HEADINGS = PHASES.map((p) => PHASE_NAMES[p]);

/** Drills to pick one from, by phase and else in their order, with what is said of each. */
export function drillItems(
  drills: readonly ({ drill: Drill } & Pick<PickItem, "note" | "isBarred">)[],
): PickItem[] {
  return drills
    .map(({ drill, ...said }): PickItem => {
      const phase = PHASE_NAMES[drill.phases[0]!];
      return {
        ...{ id: drill.id, label: drill.name, heading: phase, words: `${drill.how} ${phase}` },
        picture: <DrillFigure drill={drill} className="w-11 shrink-0" />,
        ...said,
      };
    })
    .sort((a, b) => HEADINGS.indexOf(a.heading) - HEADINGS.indexOf(b.heading));
}
