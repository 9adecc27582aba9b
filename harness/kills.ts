import { ask, demoDatabase, isSound, serverOn } from "./app";

/** How long the server lives after the first write. Milliseconds. */
const LIFE = { from: 30, to: 500 };
const WRITERS = 5;
/** For the first write, of 50 milliseconds each. */
const MOST_WAITS = 600;

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** A server that is killed while it writes, over and over: what it has acknowledged has to be there when it is back. */
export async function kills(times: number): Promise<string | null> {
  const file = demoDatabase();
  const acknowledged: string[] = [];
  for (let time = 0; time < times; time++) {
    const server = await serverOn(file);
    let isAlive = true;
    const work = Array.from({ length: WRITERS }, async (_, writer) => {
      for (let i = 0; isAlive; i++) {
        const name = `Kill ${time} writer ${writer} no ${i}`;
        const outcome = await ask<{ kind: string }>(server.url, "addAthletesAction", {
          ...{ names: name, group: "Killed", unit: "kg" },
        }).catch(() => null);
        if (outcome?.kind === "added") acknowledged.push(name);
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
  const csv = await (await fetch(`${server.url}/export/athletes.csv`)).text();
  await server.stop();
  const lost = acknowledged.filter((name) => !csv.includes(`${name},`));
  if (acknowledged.length === 0) return "nothing was written";
  return lost.length > 0 ? `${lost.length} of ${acknowledged.length} acknowledged writes were lost` : null;
}
