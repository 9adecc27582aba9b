import { Link2, Link2Off } from "lucide-react";
import { changeMove, type DrillMove, joinMove, type ListedDrill, leaveMove } from "@/core/draft";
import { CIRCUIT_LIMITS, circuitName } from "@/core/drills";
import { circuitsOf } from "@/core/plan";
import { Button } from "@/ui/button";
import { SecondsStepper } from "@/ui/seconds-stepper";
import { WholeStepper } from "@/ui/whole-stepper";

/** The circuit that a drill goes round in, or what it may go round with. */
export function CircuitFields({
  drill,
  list,
  nameOf,
  onMove,
}: {
  drill: string;
  list: readonly ListedDrill[];
  nameOf: (drill: string) => string;
  onMove: (move: DrillMove) => void;
}) {
  const at = list.findIndex((l) => l.drill === drill);
  const key = list[at]?.circuit?.key;
  const circuit = circuitsOf(list).find((c) => c.key === key);
  if (!circuit) {
    const next = list[at + 1];
    if (!next) return null;
    return (
      <Button onClick={() => onMove(joinMove(list, drill, next.drill, "before"))}>
        <Link2 aria-hidden className="size-4" />
        {next.circuit ? "Into the circuit below" : `Superset with ${nameOf(next.drill)}`}
      </Button>
    );
  }
  const change = (to: Parameters<typeof changeMove>[2]) => onMove(changeMove(list, circuit.key, to));
  const name = circuitName(circuit.steps.length);
  return (
    <section aria-label={name} className="space-y-2 border-l-2 border-ochre-deep pl-3">
      <h3 className="section-title">{name}</h3>
      <p className="text-xs text-ink-soft">{circuit.steps.map((s) => nameOf(s.drill)).join(", then ")}</p>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <WholeStepper
          label="Rounds"
          value={circuit.rounds}
          range={CIRCUIT_LIMITS.rounds}
          onChange={(rounds) => change({ rounds })}
        />
        <SecondsStepper
          label="Rest after each drill"
          value={circuit.restInside}
          range={CIRCUIT_LIMITS.rest}
          onChange={(restInside) => change({ restInside })}
        />
        <SecondsStepper
          label="Rest after each round"
          value={circuit.restBetween}
          range={CIRCUIT_LIMITS.rest}
          onChange={(restBetween) => change({ restBetween })}
        />
      </div>
      <Button onClick={() => onMove(leaveMove(list, drill, at))}>
        <Link2Off aria-hidden className="size-4" />
        Take it out of the {name.toLowerCase()}
      </Button>
    </section>
  );
}
