import { createHash } from "node:crypto";
import { LRUCache } from "lru-cache";
import type { Catalog } from "@/core/catalog";
import { addPlan, readPlans } from "@/data/plans";
import { runPlan } from "./plan-pool";
import { type PlanOf, type PlanTask, readPlan } from "./plan-task";

/** Plans that are kept ready to be shown; all others are read from the database. */
const recent = new LRUCache<string, object>({ max: 500 });
/** Plans that are being worked out: who asks for the same waits for the same. */
const underWay = new Map<string, Promise<string>>();

/** Changes with everything that a plan is worked out by; set by the build from the sources of core and catalog. */
const MODEL_VERSION = process.env.MODEL_VERSION ?? "unbuilt";

/** The key under which a plan is kept: a hash of all that it depends on, the way of planning included. */
export function planKey(kind: PlanTask["kind"], ...from: readonly string[]): string {
  const hash = createHash("sha256").update(MODEL_VERSION).update(kind);
  for (const text of from) hash.update(`\n${text}`);
  return hash.digest("base64url");
}

/** A plan that is asked for, and its key. */
export interface PlanAsked {
  key: string;
  task: PlanTask;
}

/**
 * The plans of some tasks of one kind, in their order: those that are known as they are known, the others worked out
 * beside the thread that answers requests, and kept.
 */
export async function plansFor<K extends PlanTask["kind"]>(
  asked: readonly PlanAsked[],
  catalog: Catalog,
): Promise<PlanOf[K][]> {
  const unknown = asked.filter(({ key }) => !recent.has(key)).map((a) => a.key);
  const stored = unknown.length > 0 ? await readPlans(unknown) : new Map<string, string>();
  return Promise.all(
    asked.map(async ({ key, task }) => {
      const known = recent.get(key);
      if (known) return known as PlanOf[K];
      const text = stored.get(key);
      const plan = (text && readPlan<K>(text, catalog)) || (await workOut<K>(key, task, catalog));
      recent.set(key, plan);
      return plan;
    }),
  );
}

async function workOut<K extends PlanTask["kind"]>(
  key: string,
  task: PlanTask,
  catalog: Catalog,
): Promise<PlanOf[K]> {
  const running = underWay.get(key) ?? runPlan(task, catalog);
  underWay.set(key, running);
  try {
    const text = await running;
    if (underWay.delete(key)) await addPlan(key, text);
    return readPlan<K>(text, catalog)!;
  } finally {
    underWay.delete(key);
  }
}
