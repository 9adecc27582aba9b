import { v7 } from "uuid";
import { demoDatabase, isSound, serverOn } from "./app";

const SESSION = "today-masters";
/** How long the server lives after the first event. Milliseconds. */
const LIFE = { from: 20, to: 250 };
/** Devices that tick at the same time. */
const DEVICES = 3;
/** For the first event of a life, of 50 milliseconds each. */
const MOST_WAITS = 600;

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

interface Sent {
  id: string;
  [field: string]: unknown;
}

/** Posts events as a tablet does; null: no answer. */
async function post(url: string, events: readonly Sent[]): Promise<readonly Sent[] | null> {
  const answer = await fetch(`${url}/api/floor/${SESSION}/events`, {
    method: "POST",
    headers: { "content-type": "application/json" },
    body: JSON.stringify({ events, since: 0 }),
  }).catch(() => null);
  if (!answer?.ok) return null;
  const body = await answer.json().catch(() => null);
  return body?.events ?? null;
}

/**
 * A session on the floor whose server is killed over and over while three devices tick: what has been acknowledged has to be there when
 * it is back, and nothing twice; what was not acknowledged is sent again, as a device does.
 */
export async function floorKills(times: number): Promise<string | null> {
  const file = demoDatabase();
  const acknowledged = new Set<string>();
  const waiting: Sent[][] = Array.from({ length: DEVICES }, () => []);
  let ticks = 0;
  const tick = (device: number): Sent => {
    ticks += 1;
    return {
      ...{ id: v7(), athlete: "mei", device: `kill ${device}`, at: Date.now() },
      ...{ kind: "note", text: `tick ${ticks}` },
    };
  };
  const begun = { id: v7(), athlete: null, device: "kill", at: Date.now(), kind: "started", due: null };
  waiting[0]!.push(begun);
  for (let time = 0; time < times; time++) {
    const server = await serverOn(file);
    let isAlive = true;
    const work = waiting.map(async (queue, device) => {
      while (isAlive) {
        queue.push(tick(device));
        const sent = queue.slice(0, 50);
        const stored = await post(server.url, sent);
        // Those that have not started wait for the one that does.
        if (!stored) {
          await pause(5);
          continue;
        }
        for (const e of sent) acknowledged.add(e.id);
        queue.splice(0, sent.length);
      }
    });
    const before = acknowledged.size;
    for (let waits = 0; acknowledged.size === before && waits < MOST_WAITS; waits++) await pause(50);
    await pause(LIFE.from + Math.random() * (LIFE.to - LIFE.from));
    await server.stop();
    isAlive = false;
    await Promise.all(work);
    if (!isSound(file)) return `the file is damaged after ${time + 1} kills`;
  }
  const server = await serverOn(file);
  for (const queue of waiting)
    for (let from = 0; from < queue.length; from += 50) await post(server.url, queue.slice(from, from + 50));
  const stored = (await post(server.url, [])) ?? [];
  await server.stop();
  const ids = stored.map((e) => e.id);
  const lost = [...acknowledged].filter((id) => !ids.includes(id));
  if (acknowledged.size === 0) return "nothing was stored";
  if (lost.length > 0) return `${lost.length} of ${acknowledged.size} acknowledged events were lost`;
  if (new Set(ids).size !== ids.length) return "an event is there twice";
  const notes = stored.filter((e) => e.kind === "note").length;
  return notes === ticks ? null : `${notes} events of ${ticks} are there in the end`;
}
