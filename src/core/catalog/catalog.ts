import type { Approach } from "./approach";
import type { Drill, DrillId } from "./drill";
import type { Lift, LiftId } from "./lift";

/** Drills, lifts and approaches that a gym has added to those that ship. */
export interface CustomContent {
  drills: readonly Drill[];
  lifts: readonly Lift[];
  approaches: readonly Approach[];
  /** Addresses of the coach's films, by the drill that they show; absent: none. */
  films?: Readonly<Record<DrillId, string>>;
  /** How much longer drills take here than planned, by drill; absent: as planned. */
  paces?: Readonly<Record<DrillId, number>>;
  /** Drills that are liked, or never used, before a lift, by the lift; absent: none. */
  liftWishes?: Readonly<Record<LiftId, { favourites: readonly DrillId[]; never: readonly DrillId[] }>>;
}

export const NO_CUSTOM_CONTENT: CustomContent = { drills: [], lifts: [], approaches: [] };

/** All the content that a plan is made from: an immutable value that is passed to whatever needs it. */
export interface Catalog {
  lifts: readonly Lift[];
  drills: readonly Drill[];
  approaches: readonly Approach[];
  /** Approaches for drills without lifting: they come with what they are for. */
  drillsAlone: readonly Approach[];
  /** What of the above is the gym's own, for whoever has the rest already. */
  custom: CustomContent;
}

/** A catalog with a gym's custom content after what ships. */
export function withCustomContent(shipped: Catalog, custom: CustomContent): Catalog {
  return {
    lifts: [...shipped.lifts, ...custom.lifts],
    drills: [...shipped.drills, ...custom.drills].map((d) =>
      withPace(withFilm(d, custom.films), custom.paces),
    ),
    approaches: [...shipped.approaches, ...custom.approaches],
    drillsAlone: shipped.drillsAlone,
    custom,
  };
}

function withFilm(drill: Drill, films: CustomContent["films"] = {}): Drill {
  const film = Object.hasOwn(films, drill.id) ? films[drill.id] : undefined;
  return film ? { ...drill, film } : drill;
}

function withPace(drill: Drill, paces: CustomContent["paces"] = {}): Drill {
  const pace = Object.hasOwn(paces, drill.id) ? paces[drill.id] : undefined;
  return pace ? { ...drill, dose: { ...drill.dose, pace } } : drill;
}

/**
 * The approach of a session: drills alone bring their own with them, otherwise it is the one with this id.
 *
 * @throws where the catalog has none with this id: a border has let through what it should not.
 */
export function approachFor(catalog: Catalog, firstLift: Lift | undefined, id: string): Approach {
  const { drillsAlone } = catalog;
  return drillsAlone.find((a) => a.id === firstLift?.approach) ?? knownApproach(catalog, id);
}

export function drillById(catalog: Pick<Catalog, "drills">, id: DrillId): Drill | undefined {
  return catalog.drills.find((d) => d.id === id);
}

export function liftById(catalog: Pick<Catalog, "lifts">, id: LiftId): Lift | undefined {
  return catalog.lifts.find((l) => l.id === id);
}

/** The lift with this id. @throws where there is none: ids are checked at every border. */
export function knownLift(catalog: Pick<Catalog, "lifts">, id: LiftId): Lift {
  return known(liftById(catalog, id), "lift", id);
}

/** The approach with this id, those of drills alone included. @throws where there is none, as for `knownLift`. */
export function knownApproach({ approaches, drillsAlone }: Catalog, id: string): Approach {
  return known(
    [...approaches, ...drillsAlone].find((a) => a.id === id),
    "approach",
    id,
  );
}

function known<T>(found: T | undefined, what: string, id: string): T {
  if (found === undefined) throw new Error(`There is no ${what} "${id}" in the catalog.`);
  return found;
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
