import type { Catalog } from "../catalog";
import type { UnitSystem } from "../units";
import { unitMeant } from "./cells";
import { IMPORT_FIELDS, type ImportColumns } from "./import-fields";
import { liftMeant, plainText } from "./lift-names";

/** A head without what stands in brackets behind it, and the unit that says. */
export function readHead(head: string): { words: string; unit: UnitSystem | null } {
  const found = /^(.*?)\s*[([]\s*([^)\]]*)[)\]]\s*$/.exec(head.trim());
  if (found) return { words: plainText(found[1]!), unit: unitMeant(found[2]!) };
  const last = /^(.*\S)[\s_,]+(kgs?|lbs?)$/i.exec(head.trim());
  return last
    ? { words: plainText(last[1]!), unit: unitMeant(last[2]!) }
    : { words: plainText(head), unit: null };
}

/** Which column holds what, by their heads. */
export function guessColumns(heads: readonly string[]): ImportColumns {
  const words = heads.map((h) => readHead(h).words);
  return Object.fromEntries(
    IMPORT_FIELDS.flatMap(({ id, heads: known }) => {
      const at = words.findIndex((w) => (known as readonly string[]).includes(w));
      return at < 0 ? [] : [[id, at]];
    }),
  );
}

/** A column that holds the weights of one lift. */
export interface LiftColumn {
  at: number;
  lift: string;
  kind: "working" | "max";
  unit: UnitSystem | null;
}

/** What a head may say besides its lift where it holds a maximum. */
const MAXIMUM = /\b(?:1 ?rm|max(?:imum)?|pr|pb|best)\b/;

/** The columns that are headed by a lift: one column per lift, in place of one row. */
export function liftColumns(
  heads: readonly string[],
  columns: ImportColumns,
  catalog: Pick<Catalog, "lifts">,
): LiftColumn[] {
  const taken = Object.values(columns);
  return heads.flatMap((head, at) => {
    const { words, unit } = readHead(head);
    const lift = taken.includes(at) ? null : liftMeant(words.replace(MAXIMUM, ""), catalog);
    return lift ? [{ at, lift: lift.id, kind: MAXIMUM.test(words) ? "max" : "working", unit }] : [];
  });
}
