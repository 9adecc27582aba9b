import { Mutex } from "async-mutex";
import { format } from "date-fns";
import { undoChange, undoImport } from "@/data/athletes";
import { putTemplate } from "@/data/templates";
import { deleteUndoable, listUndoables, readUndoable, type UndoableKind } from "@/data/undoables";
import { restoreGym } from "../gyms/add-gym";
import { restoreSession } from "../sessions/save-session";
import { undoBundle } from "./bundle";

/** How each kind of thing is taken back, from what was kept of it. */
const WAYS: Record<UndoableKind, (kept: never) => Promise<void>> = {
  session: restoreSession,
  gym: restoreGym,
  template: putTemplate,
  athletes: undoImport,
  "changed-athletes": undoChange,
  bundle: undoBundle,
};

/** What was kept; null if it cannot be read. */
function contentOf(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}

/** Two that take the same thing back wait for each other, so that it happens once. */
const oneAtATime = new Mutex();

/** Brings back what was taken out, or undoes what was taken in. False: it has been already, cannot be read, or is too long ago. */
export async function restore(token: unknown): Promise<boolean> {
  if (typeof token !== "string") return false;
  return oneAtATime.runExclusive(async () => {
    const row = await readUndoable(token);
    const kept = row && contentOf(row.content);
    if (!row || !kept) return false;
    await WAYS[row.kind](kept as never);
    await deleteUndoable(token);
    return true;
  });
}

/** What can be taken back, the newest first, with when it was taken out or in. */
export async function listRecentChanges() {
  return (await listUndoables()).map(({ at, ...u }) => ({ ...u, when: format(at, "EEE d MMM, HH:mm") }));
}
export type RecentChange = Awaited<ReturnType<typeof listRecentChanges>>[number];
