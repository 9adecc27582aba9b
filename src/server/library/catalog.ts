import { catalogWith } from "@/catalog";
import { type DrillWishes, NO_WISHES } from "@/core/athlete";
import type { Approach, Catalog, CustomContent, Drill, Lift } from "@/core/catalog";
import { type CustomRow, customContentStamp, listCustomContent } from "@/data/custom-content";
import { listPreferences, preferencesStamp } from "@/data/preferences";
import { drillTimesStamp } from "@/data/records";
import { isEqual } from "@/lib/equality";
import { parseJson } from "../parse-json";
import { CUSTOM_SCHEMAS, type CustomKind, filmSchema } from "../schemas/custom-content";
import { today } from "../sessions/day";
import { openPaces } from "./paces";

/** What can be read of what is stored; what cannot is left out, and stays stored. */
function itemsOf<T>(rows: readonly CustomRow[], kind: CustomKind): T[] {
  return rows.flatMap((row) => {
    if (row.kind !== kind) return [];
    const parsed = CUSTOM_SCHEMAS[kind].safeParse(parseJson(row.content));
    return parsed.success ? [parsed.data as T] : [];
  });
}

async function readCustomContent(): Promise<CustomContent> {
  const rows = await listCustomContent();
  return {
    drills: itemsOf<Drill>(rows, "drill"),
    lifts: itemsOf<Lift>(rows, "lift"),
    approaches: itemsOf<Approach>(rows, "approach"),
    films: Object.fromEntries(
      rows
        .filter((r) => r.kind === "film")
        .map((r) => filmSchema.safeParse(parseJson(r.content)))
        .flatMap((f) => (f.success ? [[f.data.drill, f.data.url]] : [])),
    ),
  };
}

/** What is liked, and never used, before lifts. */
async function readLiftWishes(): Promise<NonNullable<CustomContent["liftWishes"]>> {
  const wishes: Record<string, DrillWishes> = {};
  for (const { scope, scopeId, counts, kind, drill } of await listPreferences()) {
    if (scope !== "lift" || !counts) continue;
    const { favourites, never } = wishes[scopeId] ?? NO_WISHES;
    wishes[scopeId] =
      kind === "never"
        ? { favourites, never: [...never, drill] }
        : { favourites: [...favourites, drill], never };
  }
  return wishes;
}

/** What has anything in it. */
const someOf = <T extends Record<string, object>>(content: T): Partial<T> =>
  Object.values(content).some((c) => Object.keys(c).length > 0) ? content : {};

let last: { stamp: string; catalog: Catalog } | null = null;

/** The catalog as it is stored now. The same value for as long as nothing in it changes. */
export async function openCatalog(): Promise<Catalog> {
  const now = today();
  const [content, times, wished] = await Promise.all([
    customContentStamp(),
    drillTimesStamp(now),
    preferencesStamp(),
  ]);
  const stamp = `${now} ${content} ${times} ${wished}`;
  if (last?.stamp === stamp) return last.catalog;
  const [custom, { ofAll: paces }, liftWishes] = await Promise.all([
    readCustomContent(),
    openPaces(),
    readLiftWishes(),
  ]);
  const next = { ...custom, ...someOf({ paces }), ...someOf({ liftWishes }) };
  // What is the same stays the same value, so that what was worked out from it is still known.
  const catalog = last && isEqual(last.catalog.custom, next) ? last.catalog : catalogWith(next);
  last = { stamp, catalog };
  return catalog;
}
