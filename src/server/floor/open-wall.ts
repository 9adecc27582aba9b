import { readSession } from "@/data/sessions";
import { isFor, planFor } from "./audience";
import { openFloor } from "./open-floor";
import { wallByAddress } from "./wall-address";

/** What a wall shows at its address: the session as it runs, or what it waits for; null: there is nothing, or it was revoked. */
export async function openWall(token: string) {
  const wall = await wallByAddress(token);
  if (!wall) return null;
  const { sessionId, hasWeights, hasNames } = wall;
  const audience = { kind: "wall", hasWeights, hasNames } as const;
  const floor = await openFloor(sessionId);
  if (!floor) {
    const row = await readSession(sessionId);
    return row && { kind: "waiting" as const, name: row.session.name, time: row.session.time };
  }
  const { plan, events, ...more } = floor;
  return {
    kind: "running" as const,
    floor: {
      ...more,
      hasWeights,
      plan: planFor(plan, audience),
      events: events.filter((e) => isFor(e, audience)),
    },
  };
}
