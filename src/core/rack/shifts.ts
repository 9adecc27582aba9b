import { MOST_ON_A_BAR } from "./split-group";

/** Who comes when there are more people than places: as few shifts as will do, nearly alike in size, in roster order. */
export function shiftsOf(people: number, racks: number): number[][] {
  const shifts = Math.ceil(people / (racks * MOST_ON_A_BAR));
  return Array.from({ length: shifts }, (_, s) => {
    const from = Math.ceil((s * people) / shifts);
    const to = Math.ceil(((s + 1) * people) / shifts);
    return Array.from({ length: to - from }, (_, i) => from + i);
  });
}
