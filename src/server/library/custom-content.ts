import { z } from "zod";
import {
  type Approach,
  type Catalog,
  type CustomContent,
  figureOf,
  isMeant,
  PHASES,
  type Slot,
} from "@/core/catalog";
import { addCustomContent, readCustomContent, updateCustomContent } from "@/data/custom-content";
import type { SaveOutcome } from "@/lib/save-outcome";
import { parseJson } from "../parse-json";
import { CUSTOM_SCHEMAS, type CustomItem, type CustomKind } from "../schemas/custom-content";
import { demandField, nameField, saveIdField } from "../schemas/fields";
import { firstProblem, type Refused, refuse } from "../schemas/problems";
import { openCatalog } from "./catalog";
import { plainApproach, plainDrill, plainLift } from "./plain-content";

const SHELVES: Record<CustomKind, (catalog: Catalog) => readonly CustomItem[]> = {
  drill: (catalog) => catalog.drills,
  lift: (catalog) => catalog.lifts,
  approach: (catalog) => catalog.approaches,
};

const kindField = z.enum(["drill", "lift", "approach"]);

export const copySchema = z.strictObject({ kind: kindField, of: z.string().max(100) });

/** Makes a version of a drill, lift or approach that is the gym's own and can be changed. */
export async function copyContent(
  { kind, of }: z.output<typeof copySchema>,
  catalog: Catalog,
): Promise<{ kind: "copied"; id: string; custom: CustomContent } | Refused> {
  const original = SHELVES[kind](catalog).find((i) => i.id === of);
  if (!original) return refuse("This is no longer in the library.");
  const id = `own-${crypto.randomUUID()}`;
  const name = `${original.name.slice(0, 70)} (mine)`;
  // It looks like what it is a version of until the coach says otherwise.
  const figure = kind === "approach" ? {} : { figure: figureOf(original) };
  const copy = CUSTOM_SCHEMAS[kind].safeParse({ ...original, ...figure, id, name, retired: false });
  if (!copy.success) return refuse("There is nothing to change about this one.");
  await addCustomContent({ id, kind, content: JSON.stringify(copy.data) });
  return { kind: "copied", id, custom: (await openCatalog()).custom };
}

export const newContentSchema = z.discriminatedUnion("kind", [
  z.strictObject({
    kind: z.literal("drill"),
    name: nameField("drill"),
    phase: z.enum(PHASES),
    serves: demandField,
  }),
  z.strictObject({ kind: z.literal("lift"), name: nameField("lift"), asks: demandField }),
  z.strictObject({ kind: z.literal("approach"), name: nameField("approach") }),
]);

/** Makes a drill, lift or approach of the gym's own from nothing, as plain as can be. */
export async function newContent(
  request: z.output<typeof newContentSchema>,
): Promise<{ kind: "copied"; id: string; custom: CustomContent } | Refused> {
  const id = `own-${crypto.randomUUID()}`;
  const { kind, name } = request;
  const plain = { drill: plainDrill, lift: plainLift, approach: plainApproach }[kind];
  const content = CUSTOM_SCHEMAS[kind].parse({ ...plain(request as never), id, name });
  await addCustomContent({ id, kind, content: JSON.stringify(content) });
  return { kind: "copied", id, custom: (await openCatalog()).custom };
}

/** A custom drill, lift or approach as stored now. */
export async function openCustomContent(
  id: string,
): Promise<{ kind: CustomKind; revision: number; draft: CustomItem } | null> {
  const row = await readCustomContent(id);
  if (!row || row.kind === "film") return null;
  const parsed = CUSTOM_SCHEMAS[row.kind].safeParse(parseJson(row.content));
  return parsed.success ? { kind: row.kind, revision: row.revision, draft: parsed.data } : null;
}

export const saveCustomSchema = z.strictObject({
  kind: kindField,
  revision: z.number().int().min(0),
  item: z.looseObject({ id: z.string().max(100) }),
  saveId: saveIdField,
});

/** The name of a job that no drill there is can do; null if there is none. */
function jobNobodyDoes({ slots }: Approach, { drills }: Catalog): string | null {
  const doable = (s: Slot) => drills.some((d) => d.phases.includes(s.phase) && isMeant(d, s.filledBy));
  return slots.find((s) => !doable(s))?.name ?? null;
}

/** Stores a custom drill, lift or approach that was changed from the revision that is stored now. */
export async function saveCustomContent({
  kind,
  revision,
  item,
  saveId,
}: z.output<typeof saveCustomSchema>): Promise<SaveOutcome<CustomItem> & { custom?: CustomContent }> {
  const read = CUSTOM_SCHEMAS[kind].safeParse(item);
  if (!read.success) return refuse(firstProblem(read.error));
  if ("slots" in read.data) {
    const empty = jobNobodyDoes(read.data, await openCatalog());
    if (empty)
      return refuse(`slots: No drill of the library does "${empty}". Take it out or change its drills.`);
  }
  const stored = await updateCustomContent(item.id, revision, JSON.stringify(read.data), saveId);
  if (stored !== null) return { kind: "saved", revision: stored, custom: (await openCatalog()).custom };
  const now = await openCustomContent(item.id);
  if (!now) return refuse("It is no longer there.");
  return { kind: "changed-elsewhere", revision: now.revision, draft: now.draft };
}
