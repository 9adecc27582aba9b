import { v7 } from "uuid";
import type { FloorEvent, Happening } from "@/core/floor";

/** Where events wait that the server has not got yet. */
export interface EventStore {
  load(): Promise<readonly FloorEvent[]>;
  add(events: readonly FloorEvent[]): Promise<void>;
  remove(ids: readonly string[]): Promise<void>;
  /** All that is known, for a page that is opened while the server is away. */
  recall(): Promise<readonly FloorEvent[]>;
  remember(events: readonly FloorEvent[]): Promise<void>;
}

/** How a feed reaches the server; the browser's own in the app. */
export interface FeedWays {
  send(body: { events: readonly FloorEvent[]; since: number }): Promise<Answer>;
  /** Listens from an event on. @returns what ends it. */
  listen(
    since: number,
    heard: (event: FloorEvent, seq: number | null) => void,
    isOpen: (is: boolean) => void,
  ): () => void;
  later(work: () => void, ms: number): () => void;
  clock(): number;
}

type Answer =
  | { kind: "stored"; events: readonly FloorEvent[]; seq: number; now: number }
  /** The server will never take them. */
  | { kind: "refused"; message: string };

/** What is known of a session at a moment. */
export interface FeedSnapshot {
  /** All events, those that wait among them. */
  events: readonly FloorEvent[];
  /** How many the server has not got yet, and how many of them this device keeps whatever happens to the page. */
  unsent: number;
  waiting: number;
  /** What the server would not take; null: it took all. */
  refusal: string | null;
  isConnected: boolean;
}

/** Waits between tries, the last one again and again. Milliseconds. */
const TRIES = [500, 1000, 2000, 5000, 10_000];
/** Where no stream gets through events are asked for this often. Milliseconds. */
const POLL_MS = 2000;
const MOST_AT_A_TIME = 200;
/** What is known is kept so long after a change, with all that has come since. Milliseconds. */
const REMEMBER_MS = 300;

/**
 * The events of one session as one device knows them: what is said here is there at once, waits in the store until the server has it,
 * and goes out once and in order; what others say comes in as it is stored.
 */
export class FloorFeed {
  private known = new Map<string, FloorEvent>();
  private unsent: FloorEvent[] = [];
  /** Ids of what is being put into the store: a page that is closed now would lose it. */
  private unkept = new Set<string>();
  /** Ids of what the server has that still waits in the store: sent once more it is taken once. */
  private sentIds = new Set<string>();
  private seq: number;
  private refusal: string | null = null;
  private isConnected = true;
  private isSending = false;
  private isStreaming = false;
  private tries = 0;
  /** How far the server's clock is ahead. Milliseconds. */
  private ahead: number;
  private listeners = new Set<() => void>();
  private snapshotNow: FeedSnapshot;
  private cancelRetry = () => {};
  private willRemember = false;

  constructor(
    { events, seq, now }: { events: readonly FloorEvent[]; seq: number; now: number },
    private readonly ways: FeedWays,
    private readonly stored: EventStore,
    private device: string,
  ) {
    for (const e of events) this.known.set(e.id, e);
    this.seq = seq;
    this.ahead = now - ways.clock();
    this.snapshotNow = this.makeSnapshot();
  }

  /** The server's clock, as well as it is known here. Milliseconds since 1970. */
  now = (): number => this.ways.clock() + this.ahead;

  /** Names the device that speaks from now on. */
  name(device: string): void {
    this.device = device;
  }

  snapshot = (): FeedSnapshot => this.snapshotNow;

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Takes up what waits from before, and keeps in step with the server until it is ended. */
  start(): () => void {
    let isOver = false;
    // What the page came with may be older than what has been seen here.
    void this.stored.recall().then((events) => this.take(events.filter((e) => !this.known.has(e.id))));
    void this.stored.load().then((waiting) => {
      // What the server has already it takes once all the same.
      const others = waiting.filter((e) => !this.unsent.some((u) => u.id === e.id));
      for (const e of others) this.known.set(e.id, e);
      this.unsent = [...others, ...this.unsent];
      if (others.length > 0) this.changed();
      // Also where nothing waits: the answer tells the server's clock.
      void this.send(true);
    });
    const quit = this.ways.listen(
      this.seq,
      (event, seq) => {
        if (seq !== null) this.seq = Math.max(this.seq, seq);
        this.take([event]);
      },
      (isOpen) => {
        this.isStreaming = isOpen;
        if (isOpen) void this.send();
      },
    );
    const poll = () => {
      if (isOver) return;
      if (!this.isStreaming) void this.send(true);
      cancelPoll = this.ways.later(poll, POLL_MS);
    };
    let cancelPoll = this.ways.later(poll, POLL_MS);
    return () => {
      isOver = true;
      quit();
      cancelPoll();
      this.cancelRetry();
    };
  }

  /** Says what happens now, to one athlete or to everybody. @returns the events, so that they can be taken back. */
  say(happenings: readonly { athlete: string | null; what: Happening }[]): FloorEvent[] {
    const at = Math.round(this.now());
    const events = happenings.map(({ athlete, what }, i): FloorEvent => {
      // Of one moment, in the order in which they are said.
      return { id: v7({ msecs: at + i }), athlete, device: this.device, at: at + i, ...what };
    });
    for (const e of events) this.known.set(e.id, e);
    this.unsent = [...this.unsent, ...events];
    for (const e of events) this.unkept.add(e.id);
    const kept = () => {
      for (const e of events) this.unkept.delete(e.id);
      this.changed();
    };
    // Where nothing can be kept it waits for as long as the page is open.
    void this.stored.add(events).then(kept, kept);
    this.changed();
    void this.send();
    return events;
  }

  /** Tries again at once, as when the network is back. */
  retry = (): void => {
    this.tries = 0;
    void this.send(true);
  };

  private take(events: readonly FloorEvent[]): void {
    let isNew = false;
    for (const e of events) {
      const before = this.known.get(e.id);
      // The server's copy counts: it may have put a clock right.
      if (before && before.at === e.at) continue;
      this.known.set(e.id, e);
      isNew = true;
    }
    if (isNew) this.changed();
  }

  /** Sends what waits; `asks` also where nothing does, to hear what is new. */
  private async send(asks = false): Promise<void> {
    if (this.isSending || (this.unsent.length === 0 && !asks)) return;
    this.isSending = true;
    this.cancelRetry();
    const sent = this.unsent.slice(0, MOST_AT_A_TIME);
    const asked = this.ways.clock();
    try {
      const answer = await this.ways.send({ events: sent, since: this.seq });
      const ids = new Set(sent.map((e) => e.id));
      this.unsent = this.unsent.filter((e) => !ids.has(e.id));
      this.tries = 0;
      this.isConnected = true;
      if (answer.kind === "stored") {
        this.ahead = answer.now - (asked + this.ways.clock()) / 2;
        this.seq = Math.max(this.seq, answer.seq);
        this.take(answer.events);
      } else {
        for (const id of ids) this.known.delete(id);
        this.refusal = answer.message;
      }
      for (const id of ids) this.sentIds.add(id);
      this.changed();
    } catch {
      this.isConnected = false;
      this.changed();
      const wait = TRIES[Math.min(this.tries, TRIES.length - 1)]!;
      this.tries += 1;
      this.cancelRetry = this.ways.later(() => void this.send(), wait);
    } finally {
      this.isSending = false;
    }
    if (this.isConnected && this.unsent.length > 0) void this.send();
  }

  private makeSnapshot(): FeedSnapshot {
    return {
      events: [...this.known.values()],
      unsent: this.unsent.length,
      waiting: this.unsent.filter((e) => !this.unkept.has(e.id)).length,
      refusal: this.refusal,
      isConnected: this.isConnected,
    };
  }

  private remember(): void {
    if (this.willRemember) return;
    this.willRemember = true;
    this.ways.later(() => {
      this.willRemember = false;
      const sent = [...this.sentIds];
      this.sentIds.clear();
      // What the server has goes on waiting until it is known here without it.
      void this.stored
        .remember([...this.known.values()])
        .then(() => (sent.length > 0 ? this.stored.remove(sent) : undefined))
        .catch(() => undefined);
    }, REMEMBER_MS);
  }

  private changed(): void {
    this.remember();
    this.snapshotNow = this.makeSnapshot();
    for (const listener of this.listeners) listener();
  }
}
