import { throughMoves, timesThrough } from "@/core/draft";
import { LabelledChoice } from "@/ui/choice";
import { editOf, listedOf } from "./listed";
import type { PanelProps } from "./panel-props";

const TIMES = [
  { value: "1", label: "once" },
  { value: "2", label: "twice" },
  { value: "3", label: "three times" },
];

/** How often all of the drills after the raise are gone through. */
export function TimesThrough({ plan, onEdit }: Pick<PanelProps, "plan" | "onEdit">) {
  const list = listedOf(plan);
  const once = new Set(plan.steps.filter((s) => s.phase === "raise").map((s) => s.drill.id));
  if (list.length - once.size < 2) return null;
  return (
    <span className="ml-auto">
      <LabelledChoice
        label="Whole sequence"
        value={String(timesThrough(list, once))}
        groups={[{ options: TIMES }]}
        onChange={(times) => {
          const edits = throughMoves(list, Number(times), once).map((move) => editOf(move, plan));
          onEdit({ kind: "several", edits });
        }}
      />
    </span>
  );
}
