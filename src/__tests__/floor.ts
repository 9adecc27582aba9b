import { shippedCatalog as catalog } from "@/catalog";
import { type FloorEvent, type FloorPlan, type Happening, planFloor } from "@/core/floor";
import { type GroupPlan, planEach, planGroup } from "@/core/group";
import { outlineOf, planWarmUp } from "@/core/plan";
import { rackOrders } from "@/core/rack";
import {
  draftInSession,
  groupRequestFor,
  NOTHING_SAID,
  rackRequestFor,
  requestInSession,
  type Session,
  sessionReady,
  USUAL_RACKS,
} from "@/core/session";
import { weight } from "@/core/units";
import { drain } from "@/lib/drain";
import { athleteWith, gymWith } from "./fixtures";

/** When the sessions of the tests start. Milliseconds since 1970. */
export const START = Date.UTC(2026, 1, 2, 17, 30);

const KIT = ["rower", "stick", "band-light", "roller", "kettlebell", "box", "bench"] as const;

/** What is run on the floor with so many people who squat, then press. */
export function floorPlan(people: number, change: Partial<Session> = {}): FloorPlan {
  const gym = gymWith([25, 20, 10, 5, 2.5, 1.25], [...KIT]);
  const session: Session = {
    ...{ id: "s", name: "Evening", day: "2026-02-02", time: "17:50", gymId: gym.id, groupId: null },
    lifts: ["back-squat", "bench-press"].map((lift) => ({ lift, scheme: null, pairedWithNext: false })),
    ...{ minutes: 18, approach: "temperature-first", room: "normal", together: false },
    ...{ ...NOTHING_SAID, racks: USUAL_RACKS, participants: [] },
    ...change,
  };
  const members = Array.from({ length: people }, (_, i) => {
    const sets = { reps: 5, sets: 3, rir: 2, day: "2026-01-05" };
    const athlete = athleteWith({
      ...{ id: `p${i}`, name: `Person ${i}` },
      workingWeights: [
        { lift: "back-squat", weight: weight(80 + 10 * i), ...sets },
        { lift: "bench-press", weight: weight(60 + 5 * i), ...sets },
      ],
    });
    return { athlete, draft: draftInSession(session, athlete, gym, catalog) };
  });
  const group = session.together ? groupRequestFor(session, members, gym, catalog) : null;
  const whole: GroupPlan = group
    ? planGroup(group)
    : planEach(
        members.map((m) => ({
          ...{ id: m.athlete.id, name: m.athlete.name },
          request: requestInSession(session, m, gym, catalog, null),
        })),
      );
  const request = rackRequestFor(whole, session.racks, gym, catalog);
  const orders = request && drain(rackOrders(request.lifters, request.racks, request.secondsPerMove));
  const planned = members.map((m) => {
    const part = group ? whole.members.find((w) => w.id === m.athlete.id)! : null;
    const asked = requestInSession(session, m, gym, catalog, part);
    return { athlete: m.athlete, request: asked, plan: outlineOf(planWarmUp(asked)) };
  });
  return planFloor(session, gym, planned, sessionReady(whole, request, orders), catalog);
}

let made = 0;

/** Something that happens so many seconds after the start. */
export function happens(
  seconds: number,
  athlete: string | null,
  what: Happening,
  device = "coach",
): FloorEvent {
  made += 1;
  return { id: `e${String(made).padStart(6, "0")}`, athlete, device, at: START + seconds * 1000, ...what };
}

export const started = (due: number | null = null) => happens(0, null, { kind: "started", due });
