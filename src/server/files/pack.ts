import type { Catalog } from "@/core/catalog";
import { listCustomContent } from "@/data/custom-content";
import { listTemplates } from "@/data/templates";
import { parseJson } from "../parse-json";
import { BUNDLE_FORMAT, BUNDLE_VERSION } from "../schemas/bundle";
import { libraryItems, templateItems } from "./bundle";

/** Something of the gym's own that can be given to another gym. */
export interface PackItem {
  id: string;
  kind: "drill" | "lift" | "approach" | "film" | "template";
  name: string;
}

/** The gym's own drills, lifts, approaches, films and templates. */
export async function packItems(): Promise<PackItem[]> {
  const [custom, templates] = await Promise.all([listCustomContent(), listTemplates()]);
  return [
    ...custom.map(({ id, kind, content }): PackItem => {
      const name = (parseJson(content) as { name?: unknown } | undefined)?.name;
      return { id, kind, name: typeof name === "string" ? name : id };
    }),
    ...templates.map(({ id, name }): PackItem => ({ id, kind: "template", name })),
  ];
}

/**
 * Chosen things as a file to give to another gym: a bundle that has nothing else in it. What they name of the gym's own, such as
 * the lifts of a template or the drills of an approach, comes with them.
 */
export async function packText(ids: readonly string[], catalog: Catalog): Promise<string> {
  const [library, templates] = await Promise.all([libraryItems(), templateItems(catalog)]);
  const all: { id: string }[] = [...library, ...templates];
  const taken = new Set(ids);
  for (let before = -1; before !== taken.size; ) {
    before = taken.size;
    const text = JSON.stringify(all.filter((i) => taken.has(i.id)));
    for (const { id } of library) if (text.includes(`"${id}"`)) taken.add(id);
  }
  const of = <T extends { id: string }>(items: readonly T[]) => items.filter((i) => taken.has(i.id));
  const empty = { gyms: [], groups: [], athletes: [], sessions: [], unreadable: [] };
  const pack = { format: BUNDLE_FORMAT, version: BUNDLE_VERSION, ...empty };
  return `${JSON.stringify({ ...pack, library: of(library), templates: of(templates) }, null, 2)}\n`;
}
