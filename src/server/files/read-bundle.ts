import { z } from "zod";
import { catalogWith } from "@/catalog";
import type { Catalog } from "@/core/catalog";
import { fail, ok, type Result } from "@/lib/result";
import { parseJson } from "../parse-json";
import {
  BUNDLE_FORMAT,
  BUNDLE_PARTS,
  BUNDLE_VERSION,
  type Bundle,
  type BundlePart,
  bundleSchema,
  librarySchema,
} from "../schemas/bundle";

type Item<P extends BundlePart> = Bundle[P][number];

/** The largest bundle that is taken in. Bytes. */
export const MOST_BUNDLE_BYTES = 200_000_000;
/** Faults that are named one by one; then no more is looked for. */
export const MOST_FAULTS = 20;

/** Reads a bundle from the bytes of a file; a failure says what is wrong with it, field by field. */
export function readBundle(bytes: Uint8Array, catalog: Catalog): Result<Bundle, string[]> {
  if (bytes.length > MOST_BUNDLE_BYTES) return fail(["The file is over 200 MB: that is not a backup."]);
  let text: string;
  try {
    text = new TextDecoder("utf-8", { fatal: true }).decode(bytes);
  } catch {
    return fail(["The file is not UTF-8 text. Choose the backup as it was exported."]);
  }
  const value = parseJson(text);
  if (value === undefined) return fail(["The file is not JSON, or it was cut off. Export it again."]);
  const known = value as { format?: unknown; version?: unknown };
  if (typeof value !== "object" || value === null || known.format !== BUNDLE_FORMAT)
    return fail(["This is JSON, but not a backup of Iron Step."]);
  if (typeof known.version === "number" && known.version > BUNDLE_VERSION)
    return fail([
      `The backup is of version ${known.version}; this app reads up to ${BUNDLE_VERSION}. Update the app first.`,
    ]);
  const { library } = known as { library?: unknown };
  return readParts(value as Record<string, unknown>, bundleSchema(withLibrary(catalog, library)));
}

/** The faults of a bundle part by part and item by item, up to so many; then what is wrong is clear. */
function readParts(
  value: Record<string, unknown>,
  schema: ReturnType<typeof bundleSchema>,
): Result<Bundle, string[]> {
  const faults: string[] = [];
  const note = (
    path: readonly PropertyKey[],
    issues: readonly { path: PropertyKey[]; message: string }[],
  ) => {
    for (const i of issues.slice(0, MOST_FAULTS))
      faults.push(`${[...path, ...i.path].join(".").slice(0, 200)}: ${i.message.slice(0, 300)}`);
  };
  const read: Record<string, unknown[]> = {};
  const rest: Record<string, unknown> = { ...value };
  for (const part of BUNDLE_PARTS) {
    const list = value[part];
    // What is no list is said with everything else that a bundle has.
    if (!Array.isArray(list)) continue;
    rest[part] = [];
    read[part] = [];
    const item = itemSchema(schema, part);
    const seen = new Set<string>();
    for (const [i, one] of list.entries()) {
      if (faults.length >= MOST_FAULTS) return fail([...faults.slice(0, MOST_FAULTS), "and perhaps more"]);
      const parsed = item.safeParse(one);
      if (!parsed.success) {
        note([part, i], parsed.error.issues);
        continue;
      }
      const { id } = parsed.data as { id: string };
      if (seen.has(id)) faults.push(`${part}.${i}.id: There are two with the id "${id.slice(0, 60)}".`);
      seen.add(id);
      read[part]!.push(parsed.data);
    }
  }
  const parsed = schema.safeParse(rest);
  if (!parsed.success) note([], parsed.error.issues);
  if (faults.length > 0 || !parsed.success) return fail(faults.slice(0, MOST_FAULTS));
  return ok({ ...parsed.data, ...read });
}

/** What an item of a part has to be. */
function itemSchema(schema: ReturnType<typeof bundleSchema>, part: BundlePart): z.ZodType {
  const list = schema.shape[part];
  return (list instanceof z.ZodDefault ? list.unwrap() : list).element;
}

/** The catalog that a bundle is read against: its sessions may name drills and lifts that come with it. */
function withLibrary({ custom }: Catalog, library: unknown): Catalog {
  const items = librarySchema.safeParse(library);
  const has = new Set((items.data ?? []).map((i) => i.id));
  const add = <T extends { id: string }>(known: readonly T[], kind: Item<"library">["kind"]) => [
    ...known.filter((k) => !has.has(k.id)),
    ...(items.data ?? []).flatMap((i) => (i.kind === kind ? [i.content as unknown as T] : [])),
  ];
  return catalogWith({
    drills: add(custom.drills, "drill"),
    lifts: add(custom.lifts, "lift"),
    approaches: add(custom.approaches, "approach"),
    films: custom.films,
  });
}
