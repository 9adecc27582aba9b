import { addDays, format } from "date-fns";
import { ask, demoDatabase, isSound, serverOn } from "./app";

/** How long the server lives after the first write. Milliseconds. */
const LIFE = { from: 30, to: 500 };
/** For the first write, of 50 milliseconds each. */
const MOST_WAITS = 600;

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** A day of its own for each number, where the demo has none. */
const dayOf = (century: string, no: number) =>
  format(addDays(new Date(`${century}01-01-01`), no), "yyyy-MM-dd");

/**
 * Ways to write, each over and over by a writer of its own: people added, a weight put on record, a session copied, a gym
 * added. What is acknowledged is in a full backup by the words returned; null: it was not acknowledged.
 */
const WAYS: readonly ((url: string, no: number) => Promise<string | null>)[] = [
  async (url, no) => {
    const name = `Kill people no ${no}`;
    const outcome = await ask<{ kind: string }>(url, "addAthletesAction", {
      ...{ names: name, group: "Killed", unit: "kg" },
    });
    return outcome?.kind === "added" ? `"${name}"` : null;
  },
  async (url, no) => {
    const day = dayOf("19", no);
    const record = { weight: 50_000, sets: 3, reps: 5, rir: 2 };
    const outcome = await ask<{ kind: string }>(url, "noteWeightAction", {
      ...{ athleteId: "ilse", lift: "front-squat", day, record },
    });
    return outcome?.kind === "noted" ? `"${day}"` : null;
  },
  async (url, no) => {
    const day = dayOf("22", no);
    const outcome = await ask<{ kind: string }>(url, "copySessionAction", {
      id: "today-pilots",
      days: [day],
    });
    return outcome?.kind === "copied" ? `"${day}"` : null;
  },
  async (url, no) => {
    const name = `Kill template no ${no}`;
    const outcome = await ask<{ kind: string }>(url, "keepTemplateAction", {
      sessionId: "today-pilots",
      name,
    });
    return outcome?.kind === "kept" ? `"${name}"` : null;
  },
];

/** A server that is killed while it writes, over and over: what it has acknowledged has to be there when it is back. */
export async function kills(times: number): Promise<string | null> {
  const file = demoDatabase();
  const acknowledged: string[] = [];
  const written = WAYS.map(() => 0);
  for (let time = 0; time < times; time++) {
    const server = await serverOn(file);
    let isAlive = true;
    const work = WAYS.map(async (way, kind) => {
      while (isAlive) {
        const sign = await way(server.url, written[kind]!).catch(() => null);
        written[kind]! += 1;
        if (sign !== null) acknowledged.push(sign);
      }
    });
    const before = acknowledged.length;
    for (let waits = 0; acknowledged.length === before && waits < MOST_WAITS; waits++) await pause(50);
    await pause(LIFE.from + Math.random() * (LIFE.to - LIFE.from));
    await server.stop();
    isAlive = false;
    await Promise.all(work);
    if (!isSound(file)) return `the file is damaged after ${time + 1} kills`;
  }
  const server = await serverOn(file);
  const backup = await (await fetch(`${server.url}/export/bundle.json`)).text();
  await server.stop();
  const lost = acknowledged.filter((sign) => !backup.includes(sign));
  if (acknowledged.length === 0) return "nothing was written";
  return lost.length > 0
    ? `${lost.length} of ${acknowledged.length} acknowledged writes were lost, ${lost[0]} among them`
    : null;
}
