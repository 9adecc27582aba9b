import { execFileSync } from "node:child_process";
import { ask, demoDatabase, isSound, serverOn } from "./app";

/** Names that are added while there is room, and while there is none. */
const WITH_ROOM = 20;
const WITHOUT = 20;

/** What a server's files may grow to from now on. Bytes; null: as much as they like. */
function limitFiles(pid: number, bytes: number | null): void {
  execFileSync("prlimit", [`--pid=${pid}`, `--fsize=${bytes ?? "unlimited"}:unlimited`]);
}

/**
 * A server whose files cannot grow any more, as on a full disk: what cannot be stored is refused with the reason, nothing
 * that has been acknowledged is lost, and as soon as there is room it goes on by itself.
 */
export async function fullDisk(): Promise<string | null> {
  const file = demoDatabase();
  const server = await serverOn(file);
  const acknowledged: string[] = [];
  const add = async (name: string) => {
    const outcome = await ask<{ kind: string; message?: string }>(server.url, "addAthletesAction", {
      ...{ names: name, group: "Full", unit: "kg" },
    });
    if (outcome?.kind === "added") acknowledged.push(name);
    return outcome;
  };
  try {
    for (let i = 0; i < WITH_ROOM; i++) await add(`Room no ${i}`);
    limitFiles(server.pid, 4096);
    for (let i = 0; i < WITHOUT; i++) {
      const outcome = await add(`No room no ${i}`);
      if (outcome?.kind !== "refused" || !outcome.message?.includes("room"))
        return `without room the answer was ${JSON.stringify(outcome)}`;
    }
    const health = await fetch(`${server.url}/api/health`);
    if (health.status !== 503) return `without room health is ${health.status}`;
    if (!(await fetch(`${server.url}/athletes`)).ok) return "without room nothing can be read";
    limitFiles(server.pid, null);
    if ((await add("Room again"))?.kind !== "added") return "it does not go on when there is room again";
    if (!isSound(file)) return "the file is damaged";
    const csv = await (await fetch(`${server.url}/export/athletes.csv`)).text();
    const lost = acknowledged.filter((name) => !csv.includes(`${name},`));
    if (lost.length > 0) return `${lost.length} of ${acknowledged.length} acknowledged writes were lost`;
    return acknowledged.length === WITH_ROOM + 1 ? null : "with room not everything was added";
  } finally {
    await server.stop();
  }
}
