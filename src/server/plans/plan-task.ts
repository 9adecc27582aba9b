import type { Catalog, Drill } from "@/core/catalog";
import { type GroupPlan, type MemberPlan, planEach, planGroup } from "@/core/group";
import type { GymKit } from "@/core/gym";
import { outlineOf, type PlanOutline, planWarmUp } from "@/core/plan";
import { rackOrders } from "@/core/rack";
import {
  groupRequestFor,
  type MemberDraft,
  rackRequestFor,
  requestInSession,
  type Session,
  type SessionReady,
  sessionReady,
} from "@/core/session";
import { drain } from "@/lib/drain";

/** A plan to be worked out, with all that it depends on but the catalog. */
export type PlanTask = { session: Session; gym: GymKit } & (
  | { kind: "member"; member: MemberDraft; part: MemberPlan | null }
  | { kind: "group"; here: readonly MemberDraft[] }
  | { kind: "each"; here: readonly MemberDraft[] }
  | { kind: "ready"; plan: GroupPlan }
);

/** What each kind of task comes to. */
export interface PlanOf {
  member: PlanOutline;
  group: GroupPlan;
  each: GroupPlan;
  ready: SessionReady;
}

/** Works a plan out. */
function planOf(task: PlanTask, catalog: Catalog): PlanOf[keyof PlanOf] {
  const { session, gym } = task;
  switch (task.kind) {
    case "member":
      return outlineOf(planWarmUp(requestInSession(session, task.member, gym, catalog, task.part)));
    case "group":
      return planGroup(groupRequestFor(session, task.here, gym, catalog)!);
    case "ready": {
      const request = rackRequestFor(task.plan, session.racks, gym, catalog);
      const orders = request && drain(rackOrders(request.lifters, request.racks, request.secondsPerMove));
      return sessionReady(task.plan, request, orders);
    }
    case "each":
      return planEach(
        task.here.map((m) => ({
          id: m.athlete.id,
          name: m.athlete.name,
          request: requestInSession(session, m, gym, catalog, null),
        })),
      );
  }
}

/** Stands in a plan's text for a drill of the catalog. */
interface DrillMark {
  $drill: string;
}

const isMark = (value: unknown): value is DrillMark =>
  typeof value === "object" && value !== null && "$drill" in value;

/** A plan worked out, as text: drills of the catalog by their ids. */
export function planText(task: PlanTask, catalog: Catalog): string {
  const known = new Set<unknown>(catalog.drills);
  return JSON.stringify(planOf(task, catalog), (_, value) =>
    known.has(value) ? ({ $drill: (value as Drill).id } satisfies DrillMark) : value,
  );
}

/** A plan of its text. Null: it names a drill that the catalog does not have. */
export function readPlan<K extends keyof PlanOf>(text: string, catalog: Catalog): PlanOf[K] | null {
  const drills = new Map(catalog.drills.map((d) => [d.id, d]));
  let isWhole = true;
  const plan = JSON.parse(text, (_, value) => {
    if (!isMark(value)) return value;
    const drill = drills.get(value.$drill);
    if (!drill) isWhole = false;
    return drill;
  });
  return isWhole ? plan : null;
}
