import { newId } from "@/lib/new-id";
import type { SaveOutcome } from "@/lib/save-outcome";

/** How long a failed save waits before it is tried again. Milliseconds. */
const RETRY_MS = 2000;

/** State of a save: stored, on its way, tried again, refused, or in conflict with a change made elsewhere. */
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
  /** Writes a draft that was made from a revision. The same id twice is one save. */
  store: (revision: number, draft: T, saveId: string) => Promise<SaveOutcome<T>>;
  /** Reads what is stored now; null if it is no longer there. */
  load: () => Promise<Stored<T> | null>;
}

/** What happens to a draft besides the state of its save, see `DraftSaver.subscribe`. */
export interface SaverListener<T> {
  /** This window has saved. */
  onSaved: (saved: Stored<T>) => void;
  /** What was saved elsewhere is the draft now. */
  onLoaded: (loaded: Stored<T>) => void;
  /** What has been sent and not answered, and what is wanted by now; null: everything has been answered. */
  onUnderWay?: (sent: Sent<T> | null, wanted: T) => void;
}

/** A save as it was sent. */
export interface Sent<T> extends Stored<T> {
  saveId: string;
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
  private stateNow: SaveState<T> = { kind: "saved" };
  private readonly listeners = new Set<() => void>();
  private isRunning = false;
  private isLooking = false;
  /** Another window's change that waits for the coach's word; nothing is saved until then. */
  private conflict: Stored<T> | null = null;
  /** The save that met it: kept until the coach has said which is to stay, so that neither goes with the page. */
  private heldBack: Sent<T> | null = null;
  /** A save whose answer has not come: it is sent again as it was before anything else is. */
  private underWay: Sent<T> | null = null;

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

  get state(): SaveState<T> {
    return this.stateNow;
  }

  /** Calls back on every change of `state`. The function given back ends it. */
  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  private become(state: SaveState<T>): void {
    this.stateNow = state;
    for (const listener of this.listeners) listener();
  }

  /** Whether something has been changed that is not stored yet. */
  get isUnsaved(): boolean {
    return this.isRunning || this.wanted !== this.stored;
  }

  /** Takes a draft as what should be stored, and stores it. */
  want(draft: T): void {
    this.wanted = draft;
    const kept = this.underWay ?? this.heldBack;
    if (kept) this.listener.onUnderWay?.(kept, draft);
    if (!this.conflict) void this.flush();
  }

  /** Goes on with a save that an earlier page sent and had no answer to. Not where something is under way already. */
  resume(sent: Sent<T>, wanted: T): boolean {
    if (this.isUnsaved || this.conflict) return false;
    this.underWay = sent;
    this.wanted = wanted;
    void this.flush();
    return true;
  }

  /** Loads what has been saved elsewhere since, unless something here is not saved yet. */
  async look(): Promise<void> {
    if (this.isLooking) return;
    this.isLooking = true;
    const now = await this.ways.load().catch(() => null);
    this.isLooking = false;
    if (!now || now.revision <= this.revisionNow || this.isUnsaved) return;
    this.revisionNow = now.revision;
    this.stored = now.draft;
    this.wanted = now.draft;
    this.listener.onLoaded(now);
  }

  /**
   * After a change made elsewhere: goes on from that version, or stores one's own over it.
   *
   * @returns the other draft where it is to be shown; null otherwise.
   */
  settle(choice: "theirs" | "mine"): T | null {
    if (!this.conflict) return null;
    const { revision, draft } = this.conflict;
    this.conflict = null;
    this.heldBack = null;
    this.revisionNow = revision;
    this.stored = draft;
    if (choice === "mine") {
      void this.flush();
      return null;
    }
    this.wanted = draft;
    this.listener.onUnderWay?.(null, draft);
    this.become({ kind: "saved" });
    return draft;
  }

  private async flush(): Promise<void> {
    if (this.isRunning) return;
    this.isRunning = true;
    try {
      while (this.wanted !== this.stored) {
        this.underWay ??= { revision: this.revisionNow, draft: this.wanted, saveId: newId() };
        const { revision, draft, saveId } = this.underWay;
        this.listener.onUnderWay?.(this.underWay, this.wanted);
        this.become({ kind: "saving" });
        const outcome = await this.ways.store(revision, draft, saveId);
        const sent = this.underWay;
        this.underWay = null;
        if (outcome.kind === "changed-elsewhere") {
          this.conflict = outcome;
          this.heldBack = sent;
        } else this.listener.onUnderWay?.(null, this.wanted);
        if (outcome.kind !== "saved") {
          this.become(outcome);
          return;
        }
        this.revisionNow = outcome.revision;
        this.stored = draft;
        this.become({ kind: "saved" });
        this.listener.onSaved({ revision: outcome.revision, draft });
      }
    } catch {
      this.become({ kind: "retrying" });
      setTimeout(() => void this.flush(), RETRY_MS);
    } finally {
      this.isRunning = false;
    }
  }
}
