import { type Approach, isMeant } from "../catalog";
import { doseSeconds } from "../dose";
import type { Candidate } from "./candidate";

/**
 * An order in which drills that follow each other and that the approach has done in turns go round as a superset: both in
 * the same number of sets, two at least, and no others between them. What is chosen stays as it is.
 */
export function inPairs(
  order: readonly Candidate[],
  { pairs }: Pick<Approach, "pairs">,
): readonly Candidate[] {
  if (pairs.length === 0) return order;
  const paired: Candidate[] = [];
  for (let at = 0; at < order.length; at++) {
    const [a, b] = [order[at]!, order[at + 1]];
    const pair = b && pairs.find((p) => goTogether(a, b, p.drills));
    if (!b || !pair) {
      paired.push(a);
      continue;
    }
    const circuit = {
      ...{ by: "pair" as const, key: `${a.drill.id} ${b.drill.id}`, drills: [] },
      ...{ restInside: pair.restInside, restBetween: pair.restBetween },
    };
    for (const c of [a, b]) {
      const workSeconds = doseSeconds(c.drill.dose, { sets: 1, amount: c.amount });
      paired.push({ ...c, circuit, sets: 1, rounds: c.sets, workSeconds });
    }
    at++;
  }
  return paired;
}

function goTogether(a: Candidate, b: Candidate, drills: Parameters<typeof isMeant>[1]): boolean {
  const isFree = (c: Candidate) => c.circuit === null && !c.alone && !c.format && isMeant(c.drill, drills);
  return isFree(a) && isFree(b) && a.block === b.block && a.sets === b.sets && a.sets > 1;
}
