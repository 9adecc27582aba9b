import type { DrillId } from "../catalog";
import type { DraftDrill } from "./draft";

/** What the coach has said of drills, for one athlete or for all of a session. */
export interface DrillChoices {
  /** Wanted, in the order they were chosen. */
  own: readonly DraftDrill[];
  dropped: readonly DrillId[];
}

/** With nothing said of a drill. */
export function letGoDrill<T extends DrillChoices>(of: T, drill: DrillId): T {
  return {
    ...of,
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
export function pinDrill<T extends DrillChoices>(of: T, { drill, dose, place, block }: DraftDrill): T {
  const rest = letGoDrill(of, drill);
  const { block: _, ...before } = of.own.find((o) => o.drill === drill) ?? { drill };
  const own: DraftDrill = {
    ...before,
    ...(dose && { dose }),
    ...(place !== undefined && { place }),
    // The first block goes without saying.
    ...(block && { block }),
  };
  return { ...rest, own: [...rest.own, own] };
}
