import { catalogWith } from "@/catalog";
import { type Catalog, type CustomContent, NO_CUSTOM_CONTENT } from "@/core/catalog";
import { isEqual } from "@/lib/equality";
import { type PlanTask, planText } from "./plan-task";

let catalog: Catalog = catalogWith(NO_CUSTOM_CONTENT);

/** Works a plan out in a thread of the pool; see `plan-pool.ts`. What comes in is a copy, so the catalog is kept. */
export default function answer({ task, custom }: { task: PlanTask; custom: CustomContent }): string {
  if (!isEqual(custom, catalog.custom)) catalog = catalogWith(custom);
  return planText(task, catalog);
}
