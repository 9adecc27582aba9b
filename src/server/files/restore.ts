import { Mutex } from "async-mutex";
import { format } from "date-fns";
import type { Catalog } from "@/core/catalog";
import { undoChange } from "@/data/athletes";
import { undoImport } from "@/data/import-rows";
import { putTemplate } from "@/data/templates";
import { deleteUndoable, listUndoables, readUndoable, type UndoableKind } from "@/data/undoables";
import { restoreGym } from "../gyms/add-gym";
import { parseJson } from "../parse-json";
import { type Refused, refuse } from "../schemas/problems";
import { restoreWarmUps } from "../sessions/change-drafts";
import { restoreSession } from "../sessions/save-session";
import { restoreChangedSessions, restoreSessions } from "../sessions/series";
import { undoBundle } from "./bundle";

/** How each kind of thing is restored from what was kept of it. */
const WAYS: Record<UndoableKind, (kept: never, catalog: Catalog) => Promise<unknown>> = {
  session: restoreSession,
  gym: restoreGym,
  template: putTemplate,
  athletes: undoImport,
  "changed-athletes": undoChange,
  "warm-ups": restoreWarmUps,
  sessions: restoreSessions,
  "changed-sessions": restoreChangedSessions,
  bundle: undoBundle,
};

/** Two that restore the same thing wait for each other, so that it happens once. */
const oneAtATime = new Mutex();

/**
 * Restores what was deleted, or undoes what was imported. Refused where it has been already or is too long ago.
 *
 * @returns names of what stays as it is, since it has been changed in the meantime.
 */
export async function restore(
  token: string,
  catalog: Catalog,
): Promise<{ kind: "restored"; stays: string[] } | Refused> {
  return oneAtATime.runExclusive(async () => {
    const row = await readUndoable(token);
    const kept = row && parseJson(row.content);
    if (!row || !kept) return refuse("It is undone already, or too long ago.");
    const stays = await WAYS[row.kind](kept as never, catalog);
    await deleteUndoable(token);
    return { kind: "restored", stays: Array.isArray(stays) ? stays : [] };
  });
}

/** What can be restored or undone, the newest first, with when it was done. */
export async function listRecentChanges() {
  return (await listUndoables()).map(({ at, ...u }) => ({ ...u, when: format(at, "EEE d MMM, HH:mm") }));
}
export type RecentChange = Awaited<ReturnType<typeof listRecentChanges>>[number];
