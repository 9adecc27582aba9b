import { execFileSync } from "node:child_process";
import { addPerson, demoDatabase, faultOf, serverOn } from "./app";

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
  const add = (name: string) => addPerson(server.url, name, acknowledged);
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
    const fault = await faultOf(file, server.url, acknowledged);
    if (fault) return fault;
    return acknowledged.length === WITH_ROOM + 1 ? null : "with room not everything was added";
  } finally {
    await server.stop();
  }
}
