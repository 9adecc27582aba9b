import { z } from "zod";
import { NO_WISHES } from "@/core/athlete";
import { type Catalog, type CustomContent, drillById, liftById } from "@/core/catalog";
import type { WarmUpDraft } from "@/core/draft";
import { type DrillEdits, type RepeatedEdit, repeatedEdit, SESSIONS_LOOKED_AT } from "@/core/preference";
import { readAthlete } from "@/data/athletes";
import { deletePreference, listChangedWarmUps, listPreferences, putPreference } from "@/data/preferences";
import { memoize } from "@/lib/memoize";
import { openAthlete, saveAthlete } from "../athletes/athletes";
import { openCatalog } from "../library/catalog";
import { wishForDrill } from "../library/wishes";
import { parseJson } from "../parse-json";
import { drillField, idField, storedWishes } from "../schemas/fields";
import { type Refused, refuse } from "../schemas/problems";

/** Something that a coach has changed again and again for an athlete: whether it is to be so from now on. */
export interface PreferenceQuestion extends RepeatedEdit {
  name: string;
  /** The lift's name where it was always the same. */
  liftName: string | null;
  group: { id: string; name: string };
}

/** What was taken out and put in for one athlete of a session; null where it cannot be read. */
function editsOf(row: Awaited<ReturnType<typeof listChangedWarmUps>>[number]): DrillEdits | null {
  const draft = row.draft === null ? null : (parseJson(row.draft) as WarmUpDraft | undefined);
  const given = row.given === null ? null : (parseJson(row.given) as WarmUpDraft | undefined);
  const lift = draft?.lifts?.[0]?.lift;
  if (!draft || !lift) return null;
  const isGiven = (drill: string) => given?.own?.some((o) => o.drill === drill) ?? false;
  return {
    lift,
    dropped: (draft.dropped ?? []).filter((d) => !given?.dropped?.includes(d)),
    pinned: (draft.own ?? []).map((o) => o.drill).filter((d) => !isGiven(d)),
  };
}

/** What a coach is asked about an athlete, once: what was changed three times; null: nothing. */
export async function openQuestion(athleteId: string, catalog: Catalog): Promise<PreferenceQuestion | null> {
  const [athlete, rows, asked] = await Promise.all([
    readAthlete(athleteId),
    listChangedWarmUps(athleteId, SESSIONS_LOOKED_AT),
    listPreferences(),
  ]);
  if (!athlete) return null;
  const wishes = storedWishes.parse(athlete.wishes) ?? NO_WISHES;
  const isSaid = (drill: string) => wishes.favourites.includes(drill) || wishes.never.includes(drill);
  const isAsked = (drill: string, kind: RepeatedEdit["kind"]) =>
    !drillById(catalog, drill) ||
    isSaid(drill) ||
    asked.some(
      (p) => p.scope === "athlete" && p.scopeId === athleteId && p.drill === drill && p.kind === kind,
    );
  const repeated = repeatedEdit(
    rows.map((r) => editsOf(r) ?? { lift: "", dropped: [], pinned: [] }),
    isAsked,
  );
  if (!repeated) return null;
  return {
    ...repeated,
    name: drillById(catalog, repeated.drill)!.name,
    liftName: repeated.lift && (liftById(catalog, repeated.lift)?.name ?? null),
    group: { id: athlete.groupId, name: athlete.group },
  };
}

export const answerSchema = memoize((catalog: Catalog) =>
  z.strictObject({
    athleteId: idField,
    drill: drillField(catalog),
    kind: z.enum(["never", "favourite"]),
    /** For whom it is so from now on; none: for nobody, and it is not asked again. */
    scope: z.enum(["athlete", "lift", "group", "none"]),
    lift: idField.nullable(),
  }),
);

/** Keeps what a coach has answered: it counts in the choice from now on, and is not asked again. */
export async function answerQuestion(
  { athleteId, drill, kind, scope, lift }: z.output<ReturnType<typeof answerSchema>>,
  catalog: Catalog,
): Promise<{ kind: "answered"; custom: CustomContent } | Refused> {
  const opened = await openAthlete(athleteId);
  if (!opened) return refuse("This athlete is no longer there.");
  const wish = { drill, wish: kind } as const;
  if (scope === "group") {
    const wished = await wishForDrill({ of: "group", id: opened.draft.groupId, ...wish });
    if (wished.kind === "refused") return wished;
  }
  if (scope === "athlete") {
    const { favourites, never, ...others } = opened.draft.wishes ?? { favourites: [], never: [] };
    const wishes =
      kind === "never"
        ? { ...others, favourites: favourites.filter((d) => d !== drill), never: [...never, drill] }
        : { ...others, favourites: [...favourites, drill], never: never.filter((d) => d !== drill) };
    const saved = await saveAthlete({ athlete: { ...opened.draft, wishes }, revision: opened.revision });
    if (saved.kind !== "saved") return refuse("The athlete was changed elsewhere just now: try again.");
  }
  if (scope === "lift") {
    if (lift === null || !liftById(catalog, lift)) return refuse("lift: Say for which lift.");
    await putPreference({ drill, kind, scope: "lift", scopeId: lift, counts: true, at: Date.now() });
  }
  await putPreference({ drill, kind, scope: "athlete", scopeId: athleteId, counts: false, at: Date.now() });
  return { kind: "answered", custom: (await openCatalog()).custom };
}

export const liftWishSchema = z.strictObject({
  lift: idField,
  drill: z.string().max(100),
  kind: z.enum(["never", "favourite"]),
});

/** Takes back what counts for a lift. */
export async function removeLiftWish({
  lift,
  drill,
  kind,
}: z.output<typeof liftWishSchema>): Promise<{ kind: "removed"; custom: CustomContent }> {
  await deletePreference({ drill, kind, scope: "lift", scopeId: lift });
  return { kind: "removed", custom: (await openCatalog()).custom };
}
