/** How saving a draft that was made from a revision went. */
export type SaveOutcome<T> =
  | { kind: "saved"; revision: number }
  /** Another window has saved since; nothing of this change was written. */
  | { kind: "changed-elsewhere"; revision: number; draft: T }
  | { kind: "refused"; message: string };
