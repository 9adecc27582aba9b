import { catalogWith } from "@/catalog";
import type { Approach, Catalog, CustomContent, Drill, Lift } from "@/core/catalog";
import { type CustomRow, customContentStamp, listCustomContent } from "@/data/custom-content";
import { parseJson } from "../parse-json";
import { CUSTOM_SCHEMAS, type CustomKind, filmSchema } from "../schemas/custom-content";

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

let last: { stamp: string; catalog: Catalog } | null = null;

/** The catalog as it is stored now. The same value for as long as nothing in it changes. */
export async function openCatalog(): Promise<Catalog> {
  const stamp = await customContentStamp();
  if (last?.stamp !== stamp) last = { stamp, catalog: catalogWith(await readCustomContent()) };
  return last.catalog;
}
