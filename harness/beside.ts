import { execFile } from "node:child_process";
import { promisify } from "node:util";
import { addPerson, demoDatabase, faultOf, serverOn } from "./app";

const WRITERS = 5;
const run = promisify(execFile);

/**
 * Writers on a server while another program opens the file, writes, and closes it, over and over, as each start and each
 * copy of a day does: what was acknowledged is there.
 */
export async function commandsBeside(times: number): Promise<string | null> {
  const file = demoDatabase();
  const server = await serverOn(file);
  const acknowledged: string[] = [];
  let isOver = false;
  try {
    const work = Array.from({ length: WRITERS }, async (_, writer) => {
      for (let i = 0; !isOver; i++)
        await addPerson(server.url, `Beside writer ${writer} no ${i}`, acknowledged);
    });
    const env = { ...process.env, DATABASE_URL: `file:${file}` };
    for (let time = 0; time < times; time++) {
      const command = time % 2 === 0 ? "check" : "day-copy";
      await run(process.execPath, ["dist/database.mjs", command], { env });
    }
    isOver = true;
    await Promise.all(work);
    return await faultOf(file, server.url, acknowledged);
  } finally {
    isOver = true;
    await server.stop();
  }
}
