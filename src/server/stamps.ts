import { type Revised, readRevision } from "@/data/revisions";
import { sessionStamp } from "./sessions/session-stamp";

const REVISED: readonly Revised[] = ["athlete", "gym", "library"];

/** The stamp of something stored, by its kind; null: there is no such thing. */
export async function stampOf(kind: string, id: string): Promise<object | null> {
  if (kind === "session") return sessionStamp(id);
  const known = REVISED.find((k) => k === kind);
  const revision = known ? await readRevision(known, id) : null;
  return revision === null ? null : { revision };
}
