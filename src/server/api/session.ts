import {
  approachFor,
  type Catalog,
  EQUIPMENT_IDS,
  type EquipmentId,
  knownLift,
  type Lift,
} from "@/core/catalog";
import type { DemandId } from "@/core/demands";
import { coolDownRequest, lightUnder, type PlannedLift, type PlanRequest } from "@/core/plan";
import type { PlanLift, SessionRequest } from "../schemas/plan-api";
import { kitOf, refuseWeight } from "./ramp";

/** Stands in for a lift where drills alone are asked for: it asks for what they are to look after. */
function focusLift(demands: readonly DemandId[]): Lift {
  return {
    id: "focus",
    name: "Drills alone",
    kind: "drills-alone",
    asks: Object.fromEntries(demands.map((d) => [d, 2])),
    pattern: null,
    primeMovers: [],
    loads: [],
    implement: "none",
    fromFloor: false,
    olympic: false,
    compound: true,
    spotted: false,
  };
}

function plannedLift(l: PlanLift, unit: SessionRequest["unit"], catalog: Catalog): PlannedLift {
  const { implement, plates, working } = l;
  return {
    lift: knownLift(catalog, l.lift),
    kit: implement && working ? kitOf({ implement, plates, working }, unit) : null,
    working: working ?? null,
    backOffs: l.backOffs,
    pairedWithNext: l.pairedWithNext,
    workSeconds: l.workMinutes === undefined ? undefined : l.workMinutes * 60,
    style: l.style,
    rampSets: l.rampSets,
    start: l.start,
    slowToWarm: l.athlete?.slowToWarm,
    similarDone: l.similarDone,
    experience: l.athlete?.experience,
    room: l.room,
  };
}

/** The lift with other working sets, where a member of a group has their own. */
export function withWorking(lift: PlanLift, working: PlanLift["working"] | undefined): PlanLift {
  return working === undefined ? lift : { ...lift, working };
}

/** Working weights that cannot be loaded, each as the response that says so; null where all can. */
export function refuseLifts(
  lifts: readonly PlanLift[],
  unit: SessionRequest["unit"],
  path: string,
): Response | null {
  for (const [i, { implement, plates, working }] of lifts.entries()) {
    if (!implement || !working) continue;
    const refusal = refuseWeight({ implement, plates, working }, unit, `${path}${i}.working.weight`);
    if (refusal) return refusal;
  }
  return null;
}

/** What a request has of equipment, and of what it says how many there are; null: everything. */
export function equipmentOf({ equipment }: Pick<SessionRequest, "equipment">): {
  equipment: ReadonlySet<EquipmentId> | null;
  counts: Partial<Record<EquipmentId, number>>;
} {
  if (!equipment) return { equipment: null, counts: {} };
  const counts: Partial<Record<EquipmentId, number>> = {};
  for (const e of equipment) if (typeof e !== "string") counts[e.id] = e.count;
  const ids = equipment.map((e) => (typeof e === "string" ? e : e.id));
  return { equipment: new Set(EQUIPMENT_IDS.filter((id) => ids.includes(id) && counts[id] !== 0)), counts };
}

/** The pins of a request; drills of a circuit are some too. */
export function withCircuits({
  pins,
  circuits,
}: Pick<SessionRequest, "pins" | "circuits">): PlanRequest["own"] {
  const more = circuits.flatMap((c) => c.drills).filter((drill) => !pins.some((p) => p.drill === drill));
  return [...pins, ...more.map((drill) => ({ drill }))];
}

/** The lifts of a request, or what stands in for them. */
export function liftsOf(
  { focus, unit }: Pick<SessionRequest, "focus" | "unit">,
  lifts: readonly PlanLift[],
  catalog: Catalog,
): PlannedLift[] {
  if (lifts.length > 0) return lifts.map((l) => plannedLift(l, unit, catalog));
  return [{ lift: focusLift(focus!), kit: null, working: null }];
}

/** The plan request behind a request for one athlete. */
export function sessionOf(body: SessionRequest, catalog: Catalog): PlanRequest {
  const bodyWeight = body.athlete?.bodyWeight ?? null;
  const lifts = liftsOf(body, body.lifts, catalog).map((l) => ({
    ...l,
    lightUnder: lightUnder(l.lift, l.kit, bodyWeight),
  }));
  return {
    unit: body.unit,
    lifts,
    minutes: body.minutes,
    athlete: body.athlete ?? { experience: "intermediate", limiters: [], areas: [] },
    approach: approachFor(catalog, lifts[0]!.lift, body.approach),
    room: body.room,
    equipment: equipmentOf(body).equipment,
    clearFloor: body.clearFloor,
    own: withCircuits(body),
    circuits: body.circuits,
    tests: body.tests,
    coolDown: coolDownRequest(body.coolDown, catalog),
    dropped: body.dropped,
    drills: catalog.drills,
  };
}
