import type { DrillId } from "../catalog";
import type { Dose, OwnDose } from "../dose";
import type { Circuit, CircuitPart, OwnDrill } from "../drills";

/** A drill as it stands in a list: once, however often it goes round. */
export interface ListedDrill {
  drill: DrillId;
  dose: Dose;
  rounds: number;
  circuit: CircuitPart | null;
}

/** What a coach does with a drill among others, the same for one athlete and for all of a session. */
export type DrillMove =
  | { kind: "circuit"; circuit: Circuit; drills: readonly OwnDrill[] }
  | { kind: "leave-circuit"; drill: OwnDrill }
  | { kind: "pin"; drill: DrillId; dose: OwnDose; place: number };

/** The dose of a listed drill as the coach's own; drills that the approach has in turns keep the sets that they have. */
export function ownDoseOf({ dose, rounds, circuit }: Omit<ListedDrill, "drill">): OwnDose {
  const { sets, amount, format, until } = dose;
  return {
    sets: circuit?.by === "pair" ? rounds : sets,
    amount,
    ...(format && { format }),
    ...(until && { until }),
  };
}

/** Rounds of a superset of drills that were done once. */
const USUAL_ROUNDS = 2;

/**
 * The move that has a drill go round with another: in its circuit right before or after it, or as a superset of the two.
 * The circuit of an approach becomes the coach's by it.
 */
export function joinMove(
  list: readonly ListedDrill[],
  drill: DrillId,
  beside: DrillId,
  side: "before" | "after",
): DrillMove {
  const moving = list.find((l) => l.drill === drill)!;
  const partner = list.find((l) => l.drill === beside)!;
  const known = partner.circuit;
  const members = known ? list.filter((l) => l.circuit?.key === known.key) : [partner];
  const others = members.filter((l) => l.drill !== drill);
  const at = others.indexOf(partner) + (side === "after" ? 1 : 0);
  const joined = others.toSpliced(at, 0, moving);
  const rounds = known ? partner.rounds : Math.max(USUAL_ROUNDS, partner.dose.sets, moving.rounds);
  const place = list.findIndex((l) => joined.includes(l));
  return {
    kind: "circuit",
    circuit: {
      drills: joined.map((l) => l.drill),
      rounds,
      restInside: known?.restInside ?? 0,
      restBetween: known?.restBetween ?? 0,
    },
    drills: inRounds(joined, place),
  };
}

/** The move that gives a circuit other rounds or rests; it is the coach's by it. */
export function changeMove(
  list: readonly ListedDrill[],
  key: string,
  change: Partial<Omit<Circuit, "drills">>,
): DrillMove {
  const members = list.filter((l) => l.circuit?.key === key);
  const { rounds, circuit } = members[0]!;
  const { restInside, restBetween } = circuit!;
  return {
    kind: "circuit",
    circuit: { drills: members.map((l) => l.drill), rounds, restInside, restBetween, ...change },
    drills: inRounds(members, list.indexOf(members[0]!)),
  };
}

/**
 * The move that has all of a sequence gone through so many times: one circuit of its drills. Once: each on its own.
 *
 * @param once drills that are done once however often the rest is, such as those of the raise.
 */
export function throughMoves(
  list: readonly ListedDrill[],
  rounds: number,
  once: ReadonlySet<DrillId>,
): DrillMove[] {
  const rest = list.filter((l) => !once.has(l.drill));
  if (rest.length < 2) return [];
  if (rounds === 1) {
    return rest.map((l) => ({ kind: "leave-circuit", drill: { drill: l.drill, dose: ownDoseOf(l) } }));
  }
  const circuit = { drills: rest.map((l) => l.drill), rounds, restInside: 0, restBetween: 0 };
  return [{ kind: "circuit", circuit, drills: inRounds(rest, list.indexOf(rest[0]!)) }];
}

/** How often all of a sequence is gone through as one circuit; 1: it is none. */
export function timesThrough(list: readonly ListedDrill[], once: ReadonlySet<DrillId>): number {
  const rest = list.filter((l) => !once.has(l.drill));
  const key = rest[0]?.circuit?.key;
  const isWhole = key !== undefined && rest.every((l) => l.circuit?.key === key);
  return isWhole ? rest[0]!.rounds : 1;
}

/** Drills of a circuit, each done once a round; the first says where it stands. */
function inRounds(members: readonly ListedDrill[], place: number): OwnDrill[] {
  return members.map((l, i) => ({
    drill: l.drill,
    dose: { ...ownDoseOf(l), ...(!l.dose.format && l.circuit?.by !== "coach" && { sets: 1 }) },
    ...(i === 0 && { place }),
  }));
}

/** The move that has a drill done on its own again, in as many sets as there were rounds. */
export function leaveMove(list: readonly ListedDrill[], drill: DrillId, place?: number): DrillMove {
  const leaving = list.find((l) => l.drill === drill)!;
  const dose = ownDoseOf(leaving);
  const sets = leaving.circuit?.by === "coach" && !dose.format ? leaving.rounds : dose.sets;
  return {
    kind: "leave-circuit",
    drill: { drill, dose: { ...dose, sets }, ...(place !== undefined && { place }) },
  };
}

/** A row of a list that shows circuits: the head of one, or a drill. */
export type ListRow = { kind: "circuit"; key: string } | { kind: "drill"; drill: DrillId };

/** The rows of a list: each circuit has its head before its drills. */
export function rowsOf(list: readonly Pick<ListedDrill, "drill" | "circuit">[]): ListRow[] {
  return list.flatMap((l, i): ListRow[] => {
    const key = l.circuit?.key;
    const isFirst = key !== undefined && list[i - 1]?.circuit?.key !== key;
    return [...(isFirst ? [{ kind: "circuit" as const, key }] : []), { kind: "drill", drill: l.drill }];
  });
}

/**
 * What it is to move a row to another place among the rows: a drill that lands in a circuit joins it, one that is taken
 * out of its circuit leaves it, and the head moves the whole circuit. Null: nothing.
 */
export function rowMove(list: readonly ListedDrill[], from: number, to: number): DrillMove | null {
  const rows = rowsOf(list);
  const moved = rows[from];
  if (!moved || from === to) return null;
  const rest = rows.toSpliced(from, 1);
  const drillsBefore = rest.slice(0, to).flatMap((r) => (r.kind === "drill" ? [r.drill] : []));
  const of = (drill: DrillId) => list.find((l) => l.drill === drill)!;
  if (moved.kind === "circuit") {
    const own = list.filter((l) => l.circuit?.key === moved.key);
    const place = drillsBefore.filter((d) => !own.includes(of(d))).length;
    return { kind: "pin", drill: own[0]!.drill, dose: ownDoseOf(own[0]!), place };
  }
  const moving = of(moved.drill);
  const keyOf = (row: ListRow | undefined) => {
    if (!row) return undefined;
    return row.kind === "circuit" ? row.key : of(row.drill).circuit?.key;
  };
  const [before, after] = [rest[to - 1], rest[to]];
  const around = keyOf(before);
  const place = drillsBefore.length;
  const isItsOwn = around !== undefined && around === moving.circuit?.key;
  // In what the approach has go round drills change places like all others.
  if (isItsOwn && moving.circuit!.by !== "coach") {
    return { kind: "pin", drill: moved.drill, dose: ownDoseOf(moving), place };
  }
  if (around !== undefined && after?.kind === "drill" && keyOf(after) === around) {
    return joinMove(list, moved.drill, after.drill, "before");
  }
  // Right after the last of its own circuit it stays in it.
  if (before?.kind === "drill" && isItsOwn) {
    return joinMove(list, moved.drill, before.drill, "after");
  }
  if (moving.circuit) return leaveMove(list, moved.drill, place);
  return { kind: "pin", drill: moved.drill, dose: ownDoseOf(moving), place };
}
