import { z } from "zod";
import { type CustomContent, catalog, takeCustomContent } from "@/catalog";
import type { Approach, Drill, Lift } from "@/core/catalog";
import {
  addCustomContent,
  type CustomRow,
  listCustomContent,
  readCustomContent,
  updateCustomContent,
} from "@/data/custom-content";
import type { SaveOutcome } from "@/lib/save-outcome";
import { CUSTOM_SCHEMAS, type CustomItem, type CustomKind } from "../schemas/custom-content";
import { firstProblem } from "../schemas/draft";
import { parseJson } from "../sessions/open-session";

/** What can be read of what is stored; what cannot is left out, and stays stored. */
function itemsOf<T>(rows: readonly CustomRow[], kind: CustomKind): T[] {
  return rows.flatMap((row) => {
    if (row.kind !== kind) return [];
    const parsed = CUSTOM_SCHEMAS[kind].safeParse(parseJson(row.content));
    return parsed.success ? [parsed.data as T] : [];
  });
}

/** Puts the hall's own drills, lifts and approaches beside those that ship; at the start and after every change. */
export async function loadCustomContent(): Promise<CustomContent> {
  const rows = await listCustomContent();
  const own: CustomContent = {
    drills: itemsOf<Drill>(rows, "drill"),
    lifts: itemsOf<Lift>(rows, "lift"),
    approaches: itemsOf<Approach>(rows, "approach"),
  };
  takeCustomContent(own);
  return own;
}

const SHELVES: Record<CustomKind, () => readonly CustomItem[]> = {
  drill: () => catalog.drills,
  lift: () => catalog.lifts,
  approach: () => catalog.approaches,
};

const kindField = z.enum(["drill", "lift", "approach"]);

const copySchema = z.strictObject({ kind: kindField, of: z.string().max(100) });

/** Makes a copy of a drill, lift or approach that is the hall's own and can be changed. Null: there is no such. */
export async function copyContent(request: unknown): Promise<{ id: string; own: CustomContent } | null> {
  const parsed = copySchema.safeParse(request);
  if (!parsed.success) return null;
  const { kind, of } = parsed.data;
  const original = SHELVES[kind]().find((i) => i.id === of);
  if (!original) return null;
  const id = `own-${crypto.randomUUID()}`;
  const copy = CUSTOM_SCHEMAS[kind].safeParse({
    ...original,
    id,
    name: `${original.name.slice(0, 70)}, own`,
    retired: false,
  });
  if (!copy.success) return null;
  await addCustomContent({ id, kind, content: JSON.stringify(copy.data) });
  return { id, own: await loadCustomContent() };
}

/** An own drill, lift or approach as stored now. */
export async function openCustomContent(
  id: string,
): Promise<{ kind: CustomKind; revision: number; draft: CustomItem } | null> {
  const row = await readCustomContent(id);
  if (!row) return null;
  const parsed = CUSTOM_SCHEMAS[row.kind].safeParse(parseJson(row.content));
  return parsed.success ? { kind: row.kind, revision: row.revision, draft: parsed.data } : null;
}

const saveSchema = z.strictObject({
  kind: kindField,
  revision: z.number().int().min(0),
  item: z.looseObject({ id: z.string().max(100) }),
});

/** Stores an own drill, lift or approach that was changed from the revision that is stored now. */
export async function saveCustomContent(
  request: unknown,
): Promise<SaveOutcome<CustomItem> & { own?: CustomContent }> {
  const parsed = saveSchema.safeParse(request);
  if (!parsed.success) return { kind: "refused", message: firstProblem(parsed.error) };
  const { kind, revision, item } = parsed.data;
  const read = CUSTOM_SCHEMAS[kind].safeParse(item);
  if (!read.success) return { kind: "refused", message: firstProblem(read.error) };
  const stored = await updateCustomContent(item.id, revision, JSON.stringify(read.data));
  if (stored !== null) return { kind: "saved", revision: stored, own: await loadCustomContent() };
  const now = await openCustomContent(item.id);
  if (!now) return { kind: "refused", message: "It is no longer there." };
  return { kind: "changed-elsewhere", revision: now.revision, draft: now.draft };
}
