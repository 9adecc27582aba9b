import { existsSync } from "node:fs";
import { setTimeout as wait } from "node:timers/promises";
import { type Client, createClient } from "@libsql/client";
import { Mutex } from "async-mutex";
import { BUSY_TIMEOUT_MS, patientClient } from "./patient-client";

/** Who writes without a pause for so long leaves one, in which another program can begin. Milliseconds. */
const TURN = { longest: 100, pause: 15 };

/** The file beside a database that who writes holds locked. */
export const turnFile = (file: string): string => `${file}-turn`;

/**
 * Turns to write to a database file: one program, and in it one use case, at a time. What the engine does by itself is not
 * enough: where one program moves the write-ahead log into the file while another one writes, writes that were
 * acknowledged can be lost (decision 51). The lock is that of a database of its own beside the file; the system lifts it
 * when a program ends, however it ends.
 */
export class WriteTurns {
  private readonly here = new Mutex();
  private lock: Promise<Client> | null = null;
  /** Since when one write has followed the other without a pause, and when the last ended. Milliseconds since 1970. */
  private since = 0;
  private until = 0;

  /** @param file null: the database is on another machine, whose server sees to it. */
  constructor(private readonly file: string | null) {}

  /** Runs what writes, when its turn has come. @throws the driver's error where another program does not end its turn. */
  async run<T>(work: () => Promise<T>): Promise<T> {
    return this.here.runExclusive(async () => {
      if (this.file === null) return work();
      await this.leaveTurn();
      this.lock ??= openLock(turnFile(this.file));
      const turn = await (await this.lock).transaction("write");
      try {
        return await work();
      } finally {
        await turn.rollback();
        this.until = Date.now();
      }
    });
  }

  /** Ends it, when what is being written has been. */
  async close(): Promise<void> {
    await this.here.runExclusive(async () => {
      (await this.lock)?.close();
      this.lock = null;
    });
  }

  /** Pauses where writes have followed each other for long: another program would find it locked whenever it looks. */
  private async leaveTurn(): Promise<void> {
    const now = Date.now();
    if (now - this.until >= TURN.pause) this.since = now;
    else if (now - this.since >= TURN.longest) {
      await wait(TURN.pause);
      this.since = Date.now();
    }
  }
}

async function openLock(file: string): Promise<Client> {
  const isNew = !existsSync(file);
  const lock = patientClient(createClient({ url: `file:${file}`, timeout: BUSY_TIMEOUT_MS }));
  // A database without anything in it would be written to by each who locks it.
  if (isNew) await lock.execute("CREATE TABLE IF NOT EXISTS turn (holder TEXT)");
  return lock;
}
