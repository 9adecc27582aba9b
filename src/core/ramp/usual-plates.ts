import { isBarKit, type LoadKit, loadTable } from "../plates";
import type { Weight } from "../units";
import { checkWorkingWeight } from "./check-working-weight";
import { chooseLoads } from "./choose-loads";
import { ANY_JUMPS } from "./weight-problem";

/**
 * The fewest plates on one side that make a weight, inside first; none where there are no plates.
 *
 * @returns null if the kit does not make it.
 */
export function usualPlates(kit: LoadKit, weight: Weight): Weight[] | null {
  if (!checkWorkingWeight(kit, weight).ok) return null;
  if (!isBarKit(kit)) return [];
  const table = loadTable(kit, weight, false);
  const { stacks } = chooseLoads({
    table,
    working: weight,
    ideals: [],
    candidates: [],
    ...ANY_JUMPS,
  })!;
  return stacks[0]!.map((kind) => kit.plates[kind]!.weight);
}
