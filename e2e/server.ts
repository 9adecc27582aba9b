import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { test } from "@playwright/test";
import { copySeeded } from "./seeded";
import { freePort, type RunningServer, startServer } from "./serve";

/** A production server with a database of its own, that can be ended and started again on the same port. */
interface TestServer {
  url: string;
  /** Its database. */
  file: string;
  /** What the server has said since it was started. */
  said: () => string;
  start: () => Promise<void>;
  stop: () => Promise<void>;
}

/**
 * A server for the tests of a file: started before the first of them, ended and gone after the last.
 *
 * @param demo whether its database is that of the demo gym; otherwise it is empty.
 * @param host the address it listens on.
 */
export function serverForTests({ demo, host = "127.0.0.1" }: { demo: boolean; host?: string }): TestServer {
  let folder = "";
  let port = 0;
  let server: RunningServer | null = null;
  const start = async () => {
    const env = { ...process.env, DATABASE_URL: `file:${folder}/test.db`, HOST: host };
    server = await startServer(env, port);
  };
  const stop = async () => server?.stop();
  test.beforeAll(async () => {
    folder = mkdtempSync(path.join(tmpdir(), "iron-step-"));
    if (demo) copySeeded(path.join(folder, "test.db"));
    port = await freePort();
    await start();
  });
  test.afterAll(async () => {
    await stop();
    rmSync(folder, { recursive: true, force: true });
  });
  return {
    get url() {
      return `http://127.0.0.1:${port}`;
    },
    said: () => server?.said() ?? "",
    get file() {
      return path.join(folder, "test.db");
    },
    start,
    stop,
  };
}
