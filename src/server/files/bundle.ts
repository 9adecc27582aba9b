import { createHash } from "node:crypto";
import type { Catalog } from "@/core/catalog";
import { counted } from "@/core/units";
import { listGroups } from "@/data/athletes";
import {
  type BundleRows,
  type GoneIds,
  neededOf,
  putBundle,
  readAllSessions,
  readGymIds,
  readWholeAthletes,
  readWholeSessions,
  type WholeAthlete,
  type WholeSession,
} from "@/data/bundle";
import { listCustomContent } from "@/data/custom-content";
import { listTemplates } from "@/data/templates";
import { keepUndoable } from "@/data/undoables";
import { isEqual } from "@/lib/equality";
import { fail, ok, type Result } from "@/lib/result";
import { athleteDraftOf } from "../athletes/athletes";
import { openGymKit } from "../gyms/gym-kit";
import { gymRows } from "../gyms/save-gym";
import { parseJson } from "../parse-json";
import {
  BUNDLE_FORMAT,
  BUNDLE_PARTS,
  BUNDLE_VERSION,
  type Bundle,
  type BundlePart,
  librarySchema,
  warmUpSchema,
} from "../schemas/bundle";
import { storedWishes } from "../schemas/fields";
import { contentSchema, sessionRow } from "../schemas/session";
import { MOST_FAULTS } from "./read-bundle";
import {
  allFloorItems,
  athleteOfRecord,
  floorItems,
  keepRecordsOf,
  preferenceItems,
  recordItems,
  recordRowsOf,
  sessionOfFloor,
} from "./record-items";

type Item<P extends BundlePart> = Bundle[P][number];

function athleteItem({ athlete: row, ...parts }: WholeAthlete): Item<"athletes"> {
  return athleteDraftOf({ ...row, ...parts });
}

/** What is stored and cannot be read, as it is. */
export type UnreadableRow = Bundle["unreadable"][number];
/** Takes up what cannot be read. */
type OnUnreadable = (row: UnreadableRow) => void;
const forgotten: OnUnreadable = () => undefined;

/** A session as it stands in a bundle; null where what is stored cannot be read. */
function sessionItem(
  { session: row, participants, warmUps }: WholeSession,
  catalog: Catalog,
  onUnreadable = forgotten,
): Item<"sessions"> | null {
  const content = contentSchema(catalog).safeParse(parseJson(row.content));
  if (!content.success) {
    onUnreadable({ what: "session", row: { ...row, participants, warmUps } });
    return null;
  }
  const { id, name, day, time, gymId, groupId, seriesId, seriesRule } = row;
  return {
    ...{ id, name, day, time, gymId, groupId },
    ...(seriesId !== null && { series: { id: seriesId, rule: seriesRule ?? "" } }),
    ...content.data,
    participants: participants.map(({ athleteId, absent }) => ({ athleteId, absent })),
    warmUps: warmUps.flatMap((w) => {
      const stored = warmUpSchema(catalog).safeParse({
        athleteId: w.athleteId,
        draft: parseJson(w.draft),
        given: w.given === null ? null : parseJson(w.given),
      });
      if (!stored.success) onUnreadable({ what: "warm-up", row: w });
      return stored.success ? [stored.data] : [];
    }),
  };
}

function groupItem({ wishes, ...group }: Awaited<ReturnType<typeof listGroups>>[number]): Item<"groups"> {
  const read = storedWishes.parse(wishes);
  return { ...group, ...(read && { wishes: read }) };
}

async function gymItems(ids: readonly { id: string; place: number }[]): Promise<Item<"gyms">[]> {
  const opened = await Promise.all(ids.map(({ id }) => openGymKit(id)));
  return opened.flatMap((o, i) => (o ? [{ ...o.gym, place: ids[i]!.place } as Item<"gyms">] : []));
}

export async function templateItems(
  catalog: Catalog,
  onUnreadable = forgotten,
): Promise<Item<"templates">[]> {
  return (await listTemplates()).flatMap(({ id, name, content }) => {
    const parsed = contentSchema(catalog).safeParse(parseJson(content));
    if (!parsed.success) onUnreadable({ what: "template", row: { id, name, content } });
    return parsed.success ? [{ id, name, content: parsed.data }] : [];
  });
}

export async function libraryItems(onUnreadable = forgotten): Promise<Item<"library">[]> {
  return (await listCustomContent()).flatMap(({ id, kind, content }) => {
    const value = parseJson(content);
    const name = (value as { name?: unknown } | undefined)?.name;
    const parsed = librarySchema.safeParse([{ id, name, kind, content: value }]);
    if (!parsed.success) onUnreadable({ what: kind, row: { id, kind, content } });
    return parsed.success ? parsed.data : [];
  });
}

/**
 * Everything as one JSON text, piece by piece, so that years of sessions need no more memory than a day of them. What is
 * stored and cannot be read stands at the end, as it is.
 */
export async function* bundleText(catalog: Catalog): AsyncGenerator<string> {
  const unreadable: UnreadableRow[] = [];
  const onUnreadable = (row: UnreadableRow) => void unreadable.push(row);
  const list = (items: readonly unknown[]) => items.map((i) => `\n    ${JSON.stringify(i)}`).join(",");
  yield `{\n  "format": "${BUNDLE_FORMAT}",\n  "version": ${BUNDLE_VERSION}`;
  yield `,\n  "library": [${list(await libraryItems(onUnreadable))}\n  ]`;
  yield `,\n  "gyms": [${list(await gymItems(await readGymIds()))}\n  ]`;
  yield `,\n  "groups": [${list((await listGroups()).map(groupItem))}\n  ]`;
  yield `,\n  "athletes": [${list((await readWholeAthletes(null)).map(athleteItem))}\n  ]`;
  yield `,\n  "templates": [${list(await templateItems(catalog, onUnreadable))}\n  ]`;
  yield `,\n  "sessions": [`;
  let isFirst = true;
  for await (const some of readAllSessions()) {
    const items = some.map((s) => sessionItem(s, catalog, onUnreadable)).filter((i) => i !== null);
    if (items.length === 0) continue;
    yield `${isFirst ? "" : ","}${list(items)}`;
    isFirst = false;
  }
  yield `\n  ],\n  "records": [${list(await recordItems(null))}\n  ]`;
  yield `,\n  "floors": [`;
  isFirst = true;
  for await (const item of allFloorItems()) {
    yield `${isFirst ? "" : ","}${list([item])}`;
    isFirst = false;
  }
  yield `\n  ],\n  "preferences": [${list(await preferenceItems())}`;
  yield `\n  ],\n  "unreadable": [${list(unreadable)}${unreadable.length > 0 ? "\n  " : ""}]\n}\n`;
}

/** What a bundle would do to what is there. */
export interface BundleChange {
  part: BundlePart;
  /** Not there yet; there as it is in the bundle; there, but different. */
  added: number;
  same: number;
  changed: string[];
}

/** What a bundle would do, and how much of it could not be read where it was made: that stays in the file. */
export interface BundleLook {
  changes: BundleChange[];
  unreadable: number;
}

/** What is there of what a bundle has, in the same shape. */
async function thereOf(bundle: Bundle, catalog: Catalog): Promise<{ [P in BundlePart]: Item<P>[] }> {
  const ids = (part: BundlePart) => bundle[part].map((i) => i.id);
  const here = await readGymIds();
  const [library, gyms, groups, athletes, templates, sessions, records, floors, preferences] =
    await Promise.all([
      libraryItems(),
      gymItems(here.filter((g) => ids("gyms").includes(g.id))),
      listGroups(),
      readWholeAthletes(ids("athletes")),
      templateItems(catalog),
      readWholeSessions(ids("sessions")),
      recordItems(ids("records")),
      floorItems(ids("floors")),
      preferenceItems(),
    ]);
  const wanted = <T extends { id: string }>(part: BundlePart, items: T[]) => {
    const known = new Set(ids(part));
    return items.filter((i) => known.has(i.id));
  };
  return {
    library: wanted("library", library),
    gyms,
    groups: wanted("groups", groups.map(groupItem)),
    athletes: athletes.map(athleteItem),
    templates: wanted("templates", templates),
    sessions: sessions.map((s) => sessionItem(s, catalog)).filter((i) => i !== null),
    records,
    floors,
    preferences: wanted("preferences", preferences),
  };
}

/** Whether two items are equal but for the order of lists whose order says nothing. */
function sameItem(a: unknown, b: unknown): boolean {
  return isEqual(ordered(a), ordered(b));
}

/** Lists whose order says nothing. */
const UNORDERED = ["plates", "equipment", "areas", "weights", "warmUps", "cannotUse"];

function ordered(value: unknown, name = ""): unknown {
  if (Array.isArray(value)) {
    const items = Array.from(value, (v) => ordered(v));
    if (!UNORDERED.includes(name)) return items;
    return items.sort((a, b) => (JSON.stringify(a) < JSON.stringify(b) ? -1 : 1));
  }
  if (typeof value !== "object" || value === null) return value;
  return Object.fromEntries(
    Object.entries(value)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([k, v]) => [k, ordered(v, k)]),
  );
}

/** What in a bundle names something that is neither in it nor there. */
async function missingIn(bundle: Bundle): Promise<string[]> {
  const gyms = new Set([...(await readGymIds()).map((g) => g.id), ...bundle.gyms.map((g) => g.id)]);
  const groups = new Set([...(await listGroups()).map((g) => g.id), ...bundle.groups.map((g) => g.id)]);
  const mentioned = new Set([
    ...bundle.sessions.flatMap((s) => s.participants.map((p) => p.athleteId)),
    ...bundle.records.map((r) => r.athleteId),
  ]);
  const inBundle = new Set(bundle.athletes.map((a) => a.id));
  const elsewhere = [...mentioned].filter((id) => !inBundle.has(id));
  const known = new Set((await readWholeAthletes(elsewhere)).map((a) => a.athlete.id));
  return [
    ...bundle.athletes
      .filter((a) => !groups.has(a.groupId))
      .map((a) => `${a.name} is in a group that is neither in the backup nor here.`),
    ...bundle.sessions
      .filter((s) => !gyms.has(s.gymId) || (s.groupId !== null && !groups.has(s.groupId)))
      .map((s) => `${s.name} of ${s.day} is in a gym or for a group that is neither in the backup nor here.`),
    ...bundle.records
      .filter((r) => !inBundle.has(r.athleteId) && !known.has(r.athleteId))
      .map((r) => `Tests are of ${r.name}, who is neither in the backup nor here.`),
    ...bundle.sessions
      .filter((s) => s.participants.some((p) => !inBundle.has(p.athleteId) && !known.has(p.athleteId)))
      .map((s) => `${s.name} of ${s.day} has somebody who is neither in the backup nor here.`),
  ];
}

/** Looks at a bundle against what is there, and stores nothing. */
export async function compareBundle(bundle: Bundle, catalog: Catalog): Promise<Result<BundleLook, string[]>> {
  const missing = await missingIn(bundle);
  if (missing.length > 0) return fail(missing.slice(0, MOST_FAULTS));
  const there = await thereOf(bundle, catalog);
  return ok({
    unreadable: bundle.unreadable.length,
    changes: BUNDLE_PARTS.map((part) => {
      const known = new Map(there[part].map((i) => [i.id, i] as const));
      const change: BundleChange = { part, added: 0, same: 0, changed: [] };
      for (const item of bundle[part]) {
        const before = known.get(item.id);
        if (!before) change.added++;
        else if (sameItem(before, item)) change.same++;
        else change.changed.push("day" in item ? `${item.name}, ${item.day}` : item.name);
      }
      return change;
    }),
  });
}

function rowsOf(bundle: Pick<Bundle, BundlePart>, now: number): BundleRows {
  return {
    library: bundle.library.map(({ id, kind, content }) => ({
      ...{ id, kind },
      content: JSON.stringify(content),
    })),
    gyms: bundle.gyms.map(({ place, ...gym }) => {
      const { gym: row, ...rest } = gymRows(gym);
      return { gym: { ...row, id: gym.id, unit: gym.unit, place }, ...rest };
    }),
    groups: bundle.groups,
    athletes: bundle.athletes.map(({ limiters, areas, weights, ...row }) => ({
      athlete: row,
      limiters: limiters.map((demand, place) => ({ athleteId: row.id, demand, place })),
      areas: areas.map((a) => ({ ...a, athleteId: row.id })),
      weights: weights.map((w) => ({ ...w, athleteId: row.id })),
    })),
    templates: bundle.templates.map((t) => ({ ...t, content: JSON.stringify(t.content) })),
    sessions: bundle.sessions.map(({ warmUps, ...s }) => ({
      session: sessionRow(s),
      participants: s.participants.map((p, place) => ({ ...p, sessionId: s.id, place })),
      warmUps: warmUps.map((w) => ({
        sessionId: s.id,
        athleteId: w.athleteId,
        draft: JSON.stringify(w.draft),
        given: w.given && JSON.stringify(w.given),
        updatedAt: now,
      })),
    })),
    ...recordRowsOf(bundle, now),
  };
}

/** What it takes to take an import back: what was there before, the ids of what was not, and how each came in. */
type Before = {
  [P in BundlePart]: {
    was: Item<P>[];
    added: string[];
    /** Absent in what was kept before there were any. */
    cameAs?: Record<string, string>;
  };
};

/** The same for items that are the same, whatever the order of what has none. */
function printOf(item: unknown): string {
  return createHash("sha256")
    .update(JSON.stringify(ordered(item)))
    .digest("base64url");
}

/** Stores a bundle, all or nothing: new things are added, those with the same ids replaced, everything else stays. */
export async function importBundle(
  bundle: Bundle,
  catalog: Catalog,
): Promise<Result<{ token: string }, string[]>> {
  const missing = await missingIn(bundle);
  if (missing.length > 0) return fail(missing.slice(0, MOST_FAULTS));
  const there = await thereOf(bundle, catalog);
  await putBundle(rowsOf(bundle, Date.now()));
  await keepRecordsOf(bundle);
  const now = await thereOf(bundle, catalog);
  const kept = Object.fromEntries(
    BUNDLE_PARTS.map((part) => {
      const known = new Set(there[part].map((i) => i.id));
      const added = bundle[part].map((i) => i.id).filter((id) => !known.has(id));
      const cameAs = Object.fromEntries(now[part].map((i) => [i.id, printOf(i)]));
      return [part, { was: there[part], added, cameAs }];
    }),
  ) as Before;
  const sizes = `${counted(bundle.athletes.length, "athlete")}, ${counted(bundle.sessions.length, "session")}`;
  const token = await keepUndoable("bundle", `Backup, ${sizes}`, kept);
  return ok({ token });
}

/**
 * Makes everything as it was before a bundle was taken in, in one go; what has been changed since stays as it is, and what
 * that needs. Returns the names of what stays.
 */
export async function undoBundle(before: Before, catalog: Catalog): Promise<string[]> {
  // What was kept before there were records has none.
  const none = { was: [], added: [], cameAs: {} };
  const kept: Before = {
    ...before,
    records: before.records ?? none,
    floors: before.floors ?? none,
    preferences: before.preferences ?? none,
  };
  const ids = (part: BundlePart) => [...kept[part].was.map((i) => i.id), ...kept[part].added];
  const asked = Object.fromEntries(
    BUNDLE_PARTS.map((part) => [part, ids(part).map((id) => ({ id }))]),
  ) as unknown as Bundle;
  const now = await thereOf(asked, catalog);
  const isChanged = (part: BundlePart, item: { id: string }) => {
    const { cameAs } = kept[part];
    return cameAs !== undefined && cameAs[item.id] !== printOf(item);
  };
  const changed = new Set(
    BUNDLE_PARTS.flatMap((part) => now[part].filter((i) => isChanged(part, i)).map((i) => i.id)),
  );
  const goneOf = (part: BundlePart, staying: ReadonlySet<string>) =>
    kept[part].added.filter((id) => !staying.has(id));
  const goneWith = (staying: ReadonlySet<string>): GoneIds => ({
    ...(Object.fromEntries(BUNDLE_PARTS.map((part) => [part, goneOf(part, staying)])) as unknown as GoneIds),
    records: goneOf("records", staying).map(athleteOfRecord),
    floors: goneOf("floors", staying).map(sessionOfFloor),
  });
  // Whose tests have changed since stays, or they would go with them.
  const tested = now.records.filter((r) => changed.has(r.id)).map((r) => r.athleteId);
  const withTests = new Set([...changed, ...tested]);
  const needed = new Set([...(await neededOf(goneWith(withTests))), ...tested]);
  const staying = new Set([...changed, ...needed]);
  const back = Object.fromEntries(
    BUNDLE_PARTS.map((part) => [
      part,
      (kept[part].was as { id: string }[]).filter((i) => !changed.has(i.id)),
    ]),
  ) as unknown as Bundle;
  await putBundle(rowsOf(back, Date.now()), goneWith(staying));
  await keepRecordsOf(back);
  const isKept = (part: BundlePart, id: string) =>
    changed.has(id) || (kept[part].added.includes(id) && needed.has(id));
  return BUNDLE_PARTS.flatMap((part) => now[part].filter((i) => isKept(part, i.id)).map((i) => i.name));
}
