import type { Approach, Catalog, DrillId, LiftId } from "../catalog";

/** Drills that are liked, or never to be used, in a gym, for a group or for an athlete. */
export interface DrillWishes {
  favourites: readonly DrillId[];
  never: readonly DrillId[];
  /** Drills that are done at their smallest dose, since more was too much; absent: none. */
  smallest?: readonly DrillId[];
}

export const NO_WISHES: DrillWishes = { favourites: [], never: [] };

/** What a favourite is worth to the choice. Points, as an approach's likings are: a drill of about the same use gives way to it. */
export const FAVOURITE_POINTS = 6;

/** Wishes taken together: of a drill the last of them that says anything counts, so that the narrower come last. */
export function mergeWishes(...all: readonly (DrillWishes | undefined)[]): DrillWishes {
  const said = new Map<DrillId, "favourites" | "never">();
  for (const wishes of all) {
    for (const id of wishes?.favourites ?? []) said.set(id, "favourites");
    for (const id of wishes?.never ?? []) said.set(id, "never");
  }
  const smallest = [...new Set(all.flatMap((wishes) => wishes?.smallest ?? []))];
  if (said.size === 0 && smallest.length === 0) return NO_WISHES;
  const of = (kind: "favourites" | "never") => [...said].filter(([, k]) => k === kind).map(([id]) => id);
  return {
    favourites: of("favourites"),
    never: of("never"),
    ...(smallest.length > 0 && { smallest }),
  };
}

/** What a gym, the lifts of a session and an athlete wish: of a drill the last of them that says anything counts. */
export function wishesFor(
  gym: { wishes?: DrillWishes },
  lifts: readonly { lift: LiftId }[],
  athlete: { wishes?: DrillWishes },
  { custom }: Pick<Catalog, "custom">,
): DrillWishes {
  const ofLifts = lifts.map((l) => custom.liftWishes?.[l.lift]);
  return mergeWishes(gym.wishes, ...ofLifts, athlete.wishes);
}

/** What all of several people wish. */
export function sharedWishes(all: readonly DrillWishes[]): DrillWishes {
  const [first, ...others] = all;
  if (!first) return NO_WISHES;
  const inAll = (kind: "favourites" | "never") =>
    first[kind].filter((id) => others.every((o) => o[kind].includes(id)));
  return { favourites: inAll("favourites"), never: inAll("never") };
}

/** An approach that likes the favourites besides what it likes itself. */
export function withFavourites(approach: Approach, { favourites }: DrillWishes): Approach {
  if (favourites.length === 0) return approach;
  const liked = { drills: { ids: favourites }, points: FAVOURITE_POINTS };
  return { ...approach, favours: [...approach.favours, liked] };
}
