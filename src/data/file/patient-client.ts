import { setTimeout as wait } from "node:timers/promises";
import type { Client } from "@libsql/client";
import { codeOf } from "./trouble";

/** How long the driver itself waits, in which nothing else is answered. Milliseconds. */
export const BUSY_TIMEOUT_MS = 20;
/** Pauses between tries while another program holds the file; others are answered meanwhile. Milliseconds. */
const PAUSES_MS = [20, 40, 80, 160, 300, 400, 500, 500, 500, 500];

/** Runs a statement, and again while another program holds the file; what fails so has changed nothing. */
async function patiently<T>(run: () => Promise<T>): Promise<T> {
  for (const pause of PAUSES_MS) {
    try {
      return await run();
    } catch (error) {
      if (!/^SQLITE_(BUSY|LOCKED)/.test(codeOf(error))) throw error;
      await wait(pause);
    }
  }
  return run();
}

/** A client whose statements wait in steps for another program that holds the file, about three seconds in all. */
export function patientClient(client: Client): Client {
  const patient = new Set<PropertyKey>(["execute", "batch", "executeMultiple", "migrate", "transaction"]);
  return new Proxy(client, {
    get(target, name) {
      const value = Reflect.get(target, name, target);
      if (typeof value !== "function") return value;
      if (!patient.has(name)) return value.bind(target);
      return (...args: unknown[]) => patiently(() => value.apply(target, args));
    },
  });
}
