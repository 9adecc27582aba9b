import { listCopies } from "@/data/file/copies";
import { damageSeen } from "@/data/file/damage-seen";
import { databasePlace, troubleHere } from "@/data/file/open-file";
import { damaged } from "@/data/file/trouble";
import { beat, freeBytes } from "@/data/heartbeat";
import { problem } from "./problem";

const MEGABYTE = 2 ** 20;
/** With less room than this a day's work may not be saved. Megabytes. */
const LEAST_FREE = 50;

/**
 * GET /api/health: whether what is changed can be saved, how much room is left (megabytes; null where it is not known), the version,
 * where the database is and when its last copy was made. Nothing of the gym.
 */
export async function healthResponse(): Promise<Response> {
  try {
    await beat(Date.now());
    if (damageSeen()) return problem(503, damaged(databasePlace().file ?? databasePlace().url));
    const free = await freeBytes();
    const freeMegabytes = free === null ? null : Math.floor(free / MEGABYTE);
    const status = freeMegabytes !== null && freeMegabytes < LEAST_FREE ? "little-room" : "ok";
    const { file } = databasePlace();
    const [copy] = file === null ? [] : listCopies(file);
    return Response.json({
      ...{ status, freeMegabytes, version: process.env.APP_VERSION ?? "unknown" },
      database: file === null ? "elsewhere" : "file",
      lastCopy: copy ? new Date(copy.madeAt).toISOString() : null,
    });
  } catch (error) {
    return problem(503, troubleHere(error)?.message ?? "Nothing can be saved now.");
  }
}
