import { setTimeout as wait } from "node:timers/promises";
import type { Client } from "@libsql/client";
import { noteDamage } from "./damage-seen";
import { codeOf, isLostConnection } from "./trouble";

/** How long the driver itself waits, in which nothing else is answered. Milliseconds. */
export const BUSY_TIMEOUT_MS = 20;
/** Pauses between tries while another program holds the file; others are answered meanwhile. Milliseconds. */
const PAUSE_MS = { first: 5, most: 60 };
/** For how long it is tried. Milliseconds. */
const PATIENCE_MS = 8000;

/** Whether a statement only reads, so that it may be asked again where the answer was lost. */
function onlyReads(statement: unknown): boolean {
  const text = typeof statement === "string" ? statement : (statement as { sql?: unknown } | undefined)?.sql;
  return typeof text === "string" && /^\s*select\b/i.test(text);
}

/**
 * Runs a statement, and again while another program holds the file; what fails so has changed nothing. What only reads is run again
 * also where the connection to another machine was lost: of a write nobody knows whether it was done.
 */
async function patiently<T>(run: () => Promise<T>, reads: boolean): Promise<T> {
  const until = Date.now() + PATIENCE_MS;
  for (let pause = PAUSE_MS.first; ; pause = Math.min(2 * pause, PAUSE_MS.most)) {
    try {
      return await run();
    } catch (error) {
      noteDamage(error);
      const isHeld = /^SQLITE_(BUSY|LOCKED)/.test(codeOf(error));
      if (!(isHeld || (reads && isLostConnection(error))) || Date.now() > until) throw error;
      // Not all at the same moment, so that nobody comes too late every time.
      await wait(pause * (0.5 + Math.random()));
    }
  }
}

/** A client whose statements wait in steps for another program that holds the file, about eight seconds in all. */
export function patientClient(client: Client): Client {
  const patient = new Set<PropertyKey>(["execute", "batch", "executeMultiple", "migrate", "transaction"]);
  return new Proxy(client, {
    get(target, name) {
      const value = Reflect.get(target, name, target);
      if (typeof value !== "function") return value;
      if (!patient.has(name)) return value.bind(target);
      return (...args: unknown[]) =>
        patiently(() => value.apply(target, args), name === "execute" && onlyReads(args[0]));
    },
  });
}
