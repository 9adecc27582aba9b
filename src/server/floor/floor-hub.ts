import { type FloorEventRow, lastFloorEvent, listEventsAfter } from "@/data/floor";

/** How often the table is looked at for what other processes have stored. Milliseconds. */
const LOOK_EVERY_MS = 200;

type Listener = (rows: readonly FloorEventRow[]) => void;

/**
 * Tells who listens of events that are stored, by this process or another: the table is the channel. It looks only while somebody
 * listens, and at once when this process has stored something.
 */
class FloorHub {
  private readonly listeners = new Map<string, Set<Listener>>();
  private last: Promise<number> | null = null;
  private timer: NodeJS.Timeout | undefined;
  private isLooking = false;
  private isAsked = false;

  /** Calls back with every event of a session that is stored from now on. @returns what ends it. */
  listen(sessionId: string, listener: Listener): () => void {
    const here = this.listeners.get(sessionId) ?? new Set();
    this.listeners.set(sessionId, here.add(listener));
    this.last ??= lastFloorEvent();
    this.timer ??= setInterval(() => void this.look(), LOOK_EVERY_MS).unref();
    return () => {
      here.delete(listener);
      if (here.size === 0) this.listeners.delete(sessionId);
      if (this.listeners.size > 0) return;
      clearInterval(this.timer);
      this.timer = undefined;
      this.last = null;
    };
  }

  /** Looks for what has been stored; asked while it looks, it looks once more. */
  async look(): Promise<void> {
    if (!this.last) return;
    this.isAsked = true;
    if (this.isLooking) return;
    this.isLooking = true;
    try {
      while (this.isAsked && this.last) {
        this.isAsked = false;
        const after = await this.last;
        const rows = await listEventsAfter(after);
        const newest = rows.at(-1);
        if (!newest || !this.last) continue;
        this.last = Promise.resolve(newest.seq);
        for (const [sessionId, listeners] of this.listeners) {
          const own = rows.filter((r) => r.sessionId === sessionId);
          if (own.length > 0) for (const listener of listeners) listener(own);
        }
      }
    } catch {
      // What cannot be read now is read with the next look.
    } finally {
      this.isLooking = false;
    }
  }
}

// Kept on globalThis, since routes and actions are bundled apart.
const holder = globalThis as { ironStepFloorHub?: FloorHub };

export function floorHub(): FloorHub {
  holder.ironStepFloorHub ??= new FloorHub();
  return holder.ironStepFloorHub;
}
