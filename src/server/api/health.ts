import { damageSeen } from "@/data/file/damage-seen";
import { databasePlace, troubleHere } from "@/data/file/open-file";
import { damaged } from "@/data/file/trouble";
import { beat, freeBytes } from "@/data/heartbeat";
import { problem } from "./problem";

const MEGABYTE = 2 ** 20;
/** With less room than this a day's work may not be saved. Megabytes. */
const LEAST_FREE = 50;

/** GET /api/health: whether what is changed can be saved, and how much room is left. Megabytes; null where it is not known. */
export async function healthResponse(): Promise<Response> {
  try {
    await beat(Date.now());
    if (damageSeen()) return problem(503, damaged(databasePlace().file ?? databasePlace().url));
    const free = await freeBytes();
    const freeMegabytes = free === null ? null : Math.floor(free / MEGABYTE);
    const status = freeMegabytes !== null && freeMegabytes < LEAST_FREE ? "little-room" : "ok";
    return Response.json({ status, freeMegabytes });
  } catch (error) {
    return problem(503, troubleHere(error)?.message ?? "Nothing can be saved now.");
  }
}
