import type { SaveOutcome } from "@/lib/save-outcome";

/** How long a failed save waits before it is tried again. Milliseconds. */
const RETRY_MS = 2000;

/** How it stands with what has been changed. */
export type SaveState<T> =
  | Exclude<SaveOutcome<T>, { kind: "saved" }>
  | { kind: "saved" }
  | { kind: "saving" }
  | { kind: "retrying" };

/** Something as it is stored, and how often it has been saved. */
export interface Stored<T> {
  revision: number;
  draft: T;
}

/** How a draft is written and read. */
export interface DraftStore<T> {
  /** Writes a draft that was made from a revision. */
  store: (revision: number, draft: T) => Promise<SaveOutcome<T>>;
  /** Reads what is stored now; null if it is no longer there. */
  load: () => Promise<Stored<T> | null>;
}

/** What a saver tells. */
export interface SaverListener<T> {
  onState: (state: SaveState<T>) => void;
  /** This window has saved. */
  onSaved: (revision: number) => void;
  /** What another window has saved has been taken up. */
  onTakenUp: (draft: T) => void;
}

/**
 * Saves a draft after every change. One save runs at a time and carries the revision it was made from, so that a
 * change made in another window is never written over unseen; what was changed meanwhile is saved next. A save that
 * fails is tried again until it succeeds.
 */
export class DraftSaver<T> {
  private revisionNow: number;
  /** What is stored as far as is known here, and what should be. */
  private stored: T;
  private wanted: T;
  private isRunning = false;
  private isLooking = false;
  /** Another window's change that waits for the coach's word; nothing is saved until then. */
  private conflict: Stored<T> | null = null;

  constructor(
    opened: Stored<T>,
    private readonly ways: DraftStore<T>,
    private readonly listener: SaverListener<T>,
  ) {
    this.revisionNow = opened.revision;
    this.stored = opened.draft;
    this.wanted = opened.draft;
  }

  get revision(): number {
    return this.revisionNow;
  }

  /** Whether something has been changed that is not stored yet. */
  get isUnsaved(): boolean {
    return this.isRunning || this.wanted !== this.stored;
  }

  /** Takes a draft as what should be stored, and stores it. */
  want(draft: T): void {
    this.wanted = draft;
    if (!this.conflict) void this.flush();
  }

  /** Takes up what another window has saved since, unless something here is not saved yet. */
  async look(): Promise<void> {
    if (this.isLooking) return;
    this.isLooking = true;
    const now = await this.ways.load().catch(() => null);
    this.isLooking = false;
    if (!now || now.revision <= this.revisionNow || this.isUnsaved) return;
    this.revisionNow = now.revision;
    this.stored = now.draft;
    this.wanted = now.draft;
    this.listener.onTakenUp(now.draft);
  }

  /**
   * After a change in another window: goes on from that version, or stores one's own over it.
   *
   * @returns the other window's draft where it is to be shown; null otherwise.
   */
  settle(choice: "theirs" | "mine"): T | null {
    if (!this.conflict) return null;
    const { revision, draft } = this.conflict;
    this.conflict = null;
    this.revisionNow = revision;
    this.stored = draft;
    if (choice === "mine") {
      void this.flush();
      return null;
    }
    this.wanted = draft;
    this.listener.onState({ kind: "saved" });
    return draft;
  }

  private async flush(): Promise<void> {
    if (this.isRunning) return;
    this.isRunning = true;
    try {
      while (this.wanted !== this.stored) {
        const draft = this.wanted;
        this.listener.onState({ kind: "saving" });
        const outcome = await this.ways.store(this.revisionNow, draft);
        if (outcome.kind !== "saved") {
          if (outcome.kind === "changed-elsewhere") this.conflict = outcome;
          this.listener.onState(outcome);
          return;
        }
        this.revisionNow = outcome.revision;
        this.stored = draft;
        this.listener.onState({ kind: "saved" });
        this.listener.onSaved(outcome.revision);
      }
    } catch {
      this.listener.onState({ kind: "retrying" });
      setTimeout(() => void this.flush(), RETRY_MS);
    } finally {
      this.isRunning = false;
    }
  }
}
