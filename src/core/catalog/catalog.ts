import type { Approach } from "./approach";
import type { Drill, DrillId } from "./drill";
import type { Lift } from "./lift";

/** All the content that a plan is made from. */
export interface Catalog {
  lifts: readonly Lift[];
  drills: readonly Drill[];
  approaches: readonly Approach[];
  /** Approaches for drills without lifting: they come with what they are for. */
  drillsAlone: readonly Approach[];
}

/** The approach of a session: drills alone bring their own with them; otherwise the one of this id, or the first. */
export function approachFor(catalog: Catalog, firstLift: Lift | undefined, id: string): Approach {
  const { approaches, drillsAlone } = catalog;
  return (
    drillsAlone.find((a) => a.id === firstLift?.approach) ??
    [...approaches, ...drillsAlone].find((a) => a.id === id) ??
    approaches[0]!
  );
}

export function drillById(catalog: Catalog, id: DrillId): Drill | undefined {
  return catalog.drills.find((d) => d.id === id);
}

/**
 * The family of each drill: drills joined by an easier or harder version share one.
 *
 * @returns the id of the family's first member, in order of id, for each drill id.
 */
export function families(drills: readonly Drill[]): Map<DrillId, DrillId> {
  const family = new Map(drills.map((d) => [d.id, d.id]));
  const rootOf = (id: DrillId): DrillId => (family.get(id) === id ? id : rootOf(family.get(id)!));
  for (const drill of drills) {
    for (const other of [drill.easier, drill.harder]) {
      if (!other || !family.has(other)) continue;
      const [first, second] = [rootOf(drill.id), rootOf(other)].sort();
      family.set(second!, first!);
    }
  }
  return new Map(drills.map((d) => [d.id, rootOf(d.id)]));
}
