import { availableParallelism } from "node:os";
import { Piscina } from "piscina";
import type { Catalog } from "@/core/catalog";
import { type PlanTask, planText } from "./plan-task";

/** For how long a thread without work is kept. Milliseconds. */
const IDLE_MS = 30_000;

/** For how long one plan is worked on at most, waiting included. Milliseconds. */
const DEADLINE_MS = 60_000;

let pool: Piscina | null = null;

/**
 * Works a plan out beside the thread that answers requests: in a pool of worker threads, whose script PLAN_THREAD names
 * (`scripts/prepare.mjs` builds it). Without it, as in unit tests, between requests on the same thread.
 * One that takes over a minute is given up.
 */
export async function runPlan(task: PlanTask, catalog: Catalog): Promise<string> {
  const filename = process.env.PLAN_THREAD;
  if (!filename) {
    await new Promise((resolve) => setImmediate(resolve));
    return planText(task, catalog);
  }
  pool ??= new Piscina({
    filename,
    minThreads: 0,
    maxThreads: Math.max(1, availableParallelism() - 1),
    idleTimeout: IDLE_MS,
  });
  const signal = AbortSignal.timeout(DEADLINE_MS);
  return pool.run({ task, custom: catalog.custom }, { signal });
}
