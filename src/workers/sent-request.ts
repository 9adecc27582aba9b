import type { Drill, DrillId } from "@/core/catalog";

/** A request without its drills, which the worker has: which of them may be used, null: all. */
export type Sent<R extends { drills: readonly Drill[] }> = Omit<R, "drills"> & {
  only: readonly DrillId[] | null;
};

/** A request as it is sent to the worker. */
export function sentRequest<R extends { drills: readonly Drill[] }>(
  { drills, ...request }: R,
  all: readonly Drill[],
): Sent<R> {
  return { ...request, only: drills === all ? null : drills.map((d) => d.id) };
}

/** The request again, with the drills that the worker has. */
export function taken<R extends { drills: readonly Drill[] }>(
  { only, ...request }: Sent<R>,
  all: readonly Drill[],
): R {
  const kept = only && new Set(only);
  return { ...request, drills: kept ? all.filter((d) => kept.has(d.id)) : all } as unknown as R;
}
