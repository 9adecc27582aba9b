import { setTimeout as wait } from "node:timers/promises";
import { format } from "date-fns";
import type { FloorEvent, FloorPlan } from "@/core/floor";
import { playFloor, seedOf } from "@/demo/play-floor";
import { runningId } from "@/demo/seed-floor";

/**
 * Plays on the demo's session that runs, ten times as fast as it would go: a tablet, a second one and a phone for each athlete, as
 * they would speak to the server. Watch it at /session/…/floor and on its wall.
 */
const SPEED = 10;
const url = process.argv[2] ?? "http://127.0.0.1:3000";
const id = runningId(format(new Date(), "yyyy-MM-dd"));

interface Open {
  plan: FloorPlan;
  events: FloorEvent[];
  now: number;
}
const answer = await fetch(`${url}/api/floor/${id}`);
if (!answer.ok) {
  console.error("No session of the demo runs today: start with npm run demo.");
  process.exit(1);
}
const { plan, events, now } = (await answer.json()) as Open;
const start = events.find((e) => e.kind === "started")!.at;
const said = events.filter((e) => e.device !== "server").length;
const script = playFloor(plan, start, seedOf(id)).slice(said);
console.log(`Playing ${script.length} events of "${plan.name}": ${url}/session/${id}/floor`);
let clock = now;
for (const event of script) {
  await wait(Math.max(0, event.at - clock) / SPEED);
  clock = Math.max(clock, event.at);
  const sent = { events: [{ ...event, at: Date.now() }], since: 0 };
  await fetch(`${url}/api/floor/${id}/events`, {
    method: "POST",
    headers: { "content-type": "application/json" },
    body: JSON.stringify(sent),
  });
}
console.log("The session is over.");
process.exit(0);
