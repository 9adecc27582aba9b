import { listFloorRuns } from "@/data/floor";
import { endForgotten } from "./open-floor";

/** How a session stands on the floor: not started, running, or over. */
export type FloorStatus = "not-started" | "running" | "over";

/** How sessions stand on the floor, by their ids; what was forgotten is over by now. */
export async function floorStatuses(sessionIds: readonly string[]): Promise<(id: string) => FloorStatus> {
  await endForgotten();
  const runs = await listFloorRuns(sessionIds);
  return (id) => {
    const run = runs.find((r) => r.sessionId === id);
    if (!run) return "not-started";
    return run.endedAt === null ? "running" : "over";
  };
}

/** How one session stands on the floor. */
export async function floorStatus(sessionId: string): Promise<FloorStatus> {
  return (await floorStatuses([sessionId]))(sessionId);
}
