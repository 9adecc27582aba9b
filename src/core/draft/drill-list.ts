import type { DrillId } from "../catalog";
import type { Circuit, OwnDrill } from "../drills";
import type { DraftDrill } from "./draft";

/** What the coach has said of drills, for one athlete or for all of a session. */
export interface DrillChoices {
  /** Wanted, in the order they were chosen. */
  own: readonly DraftDrill[];
  /** Drills of these that go round together, each in one circuit at most. */
  circuits: readonly Circuit[];
  dropped: readonly DrillId[];
}

/** With nothing said of a drill. */
export function letGoDrill<T extends DrillChoices>(of: T, drill: DrillId): T {
  return {
    ...leaveCircuit(of, drill),
    own: of.own.filter((o) => o.drill !== drill),
    dropped: of.dropped.filter((d) => d !== drill),
  };
}

/** With a drill taken out. */
export function dropDrill<T extends DrillChoices>(of: T, drill: DrillId): T {
  const rest = letGoDrill(of, drill);
  return { ...rest, dropped: [...rest.dropped, drill] };
}

/** With a drill wanted: what is said of it now over what was said before. */
export function pinDrill<T extends DrillChoices>(
  of: T,
  { drill, dose, place, alone, block, ...offers }: DraftDrill,
): T {
  const { block: _, ...before } = of.own.find((o) => o.drill === drill) ?? { drill };
  const own: DraftDrill = {
    ...before,
    ...(dose && { dose }),
    ...(place !== undefined && { place }),
    ...(alone && { alone }),
    ...("anyOf" in offers && { anyOf: offers.anyOf }),
    ...("condition" in offers && { condition: offers.condition }),
    // The first block goes without saying.
    ...(block && { block }),
  };
  return {
    ...of,
    own: [...of.own.filter((o) => o.drill !== drill), own],
    dropped: of.dropped.filter((d) => d !== drill),
  };
}

/** With a drill in no circuit. One alone is none: what is left of a circuit of two is on its own too. */
function leaveCircuit<T extends DrillChoices>(of: T, drill: DrillId): T {
  const circuits = of.circuits
    .map((c) => (c.drills.includes(drill) ? { ...c, drills: c.drills.filter((d) => d !== drill) } : c))
    .filter((c) => c.drills.length > 1);
  return { ...of, circuits };
}

/** With a circuit; its drills leave the ones that they were in. Each has to be one of the coach's own. */
function putInCircuit<T extends DrillChoices>(of: T, circuit: Circuit): T {
  const without = circuit.drills.reduce((rest: T, drill) => leaveCircuit(rest, drill), of);
  return { ...without, circuits: [...without.circuits, circuit] };
}

/** With a circuit of drills, each of which the coach wants at the dose that is given for it. */
function circuitOf<T extends DrillChoices>(
  of: T,
  circuit: Circuit,
  drills: readonly OwnDrill[],
  block?: number,
): T {
  const wanted = circuit.drills.reduce((rest: T, drill) => {
    const said = drills.find((d) => d.drill === drill);
    return pinDrill(rest, { drill, ...said, block });
  }, of);
  return putInCircuit(wanted, circuit);
}

/** With another drill in a drill's place, in its circuit too. */
export function swapDrill<T extends DrillChoices>(of: T, drill: DrillId, other: DraftDrill): T {
  const swapped = pinDrill(dropDrill(of, drill), other);
  const circuits = of.circuits.map((c) => ({
    ...c,
    drills: c.drills.map((d) => (d === drill ? other.drill : d)),
  }));
  return of.circuits.some((c) => c.drills.includes(drill)) ? { ...swapped, circuits } : swapped;
}

/** A change of what is said of drills that is the same for one athlete and for all of a session. */
export type DrillListEdit =
  | { kind: "drop"; drill: DrillId }
  | { kind: "reset-drill"; drill: DrillId }
  | { kind: "circuit"; circuit: Circuit; drills: readonly OwnDrill[]; block?: number }
  | { kind: "leave-circuit"; drill: OwnDrill; block?: number };

export function editDrillList<T extends DrillChoices>(of: T, edit: DrillListEdit): T {
  switch (edit.kind) {
    case "drop":
      return dropDrill(of, edit.drill);
    case "reset-drill":
      return letGoDrill(of, edit.drill);
    case "circuit":
      return circuitOf(of, edit.circuit, edit.drills, edit.block);
    case "leave-circuit": {
      const { drill, block } = edit;
      return pinDrill(leaveCircuit(of, drill.drill), { ...drill, alone: true, block });
    }
  }
}
