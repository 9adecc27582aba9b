import type { ListRow } from "@/core/draft";
import { circuitName } from "@/core/drills";
import type { PlanCircuit } from "@/core/plan";
import { DragRow } from "@/ui/drag-list";

/** What tells a row of a list of drills from the others. */
export function rowId(row: ListRow): string {
  return row.kind === "circuit" ? `circuit ${row.key}` : row.drill;
}

/** The head of drills that go round together; the coach moves them by it. */
export function CircuitHead({
  circuit: { key, by, steps, words },
  index,
  isFixed = false,
}: {
  circuit: PlanCircuit<unknown>;
  /** Its place among the rows, from 0. */
  index: number;
  isFixed?: boolean;
}) {
  return (
    <DragRow
      id={rowId({ kind: "circuit", key })}
      index={index}
      name={circuitName(steps.length).toLowerCase()}
      isFixed={isFixed || by !== "coach"}
      className="flex min-h-8 w-full items-end justify-between border-t border-line pb-0.5 pl-[3.75rem]"
      handleClassName="order-last"
    >
      <span className="condensed font-semibold text-ochre-deep">{words}</span>
    </DragRow>
  );
}
