import { throughMoves, timesThrough } from "@/core/draft";
import { CoolDownChoice } from "@/features/shared/cool-down-choice";
import { LabelledChoice } from "@/ui/choice";
import { editOf, listedOf } from "./listed";
import type { PanelProps } from "./panel-props";

const TIMES = ["once", "twice", "three times", "four times", "five times", "six times"];
/** As often as a coach has all of it done; a circuit may go round more often. */
const MOST_TIMES = 3;

/** How often all of the drills after the raise are gone through. */
export function TimesThrough({ plan, draft, onEdit }: Pick<PanelProps, "plan" | "draft" | "onEdit">) {
  const list = listedOf(plan);
  const once = new Set(plan.steps.filter((s) => s.phase === "raise").map((s) => s.drill.id));
  if (list.length - once.size < 2) return null;
  const now = timesThrough(list, once);
  const options = TIMES.slice(0, Math.max(MOST_TIMES, now)).map((label, i) => ({
    value: String(i + 1),
    label,
  }));
  return (
    <span className="ml-auto flex gap-x-6">
      <LabelledChoice
        label="Whole sequence"
        value={String(now)}
        groups={[{ options }]}
        onChange={(times) => {
          const edits = throughMoves(list, Number(times), once).map((move) => editOf(move, plan));
          onEdit({ kind: "several", edits });
        }}
      />
      {plan.block === 0 && (
        <CoolDownChoice
          value={draft.coolDown}
          onChange={(coolDown) => onEdit({ kind: "frame", change: { coolDown } })}
        />
      )}
    </span>
  );
}
