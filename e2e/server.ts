import { type ChildProcess, execFileSync, spawn } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { createServer } from "node:net";
import { tmpdir } from "node:os";
import path from "node:path";
import { test } from "@playwright/test";

/** A production server with a database of its own, that can be ended and started again. */
interface TestServer {
  url: string;
  start: () => Promise<void>;
  stop: () => Promise<void>;
  remove: () => Promise<void>;
}

async function freePort(): Promise<number> {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.listen(0, "127.0.0.1", () => {
      const address = probe.address();
      const port = typeof address === "object" && address ? address.port : 0;
      probe.close(() => resolve(port));
    });
  });
}

async function answers(url: string): Promise<boolean> {
  try {
    return (await fetch(`${url}/api/health`)).ok;
  } catch {
    return false;
  }
}

/** Makes a server on a free port; `demo` fills its database with the demo hall. */
async function testServer({
  demo,
  host = "127.0.0.1",
}: {
  demo: boolean;
  host?: string;
}): Promise<TestServer> {
  const folder = mkdtempSync(path.join(tmpdir(), "iron-step-"));
  const port = await freePort();
  const url = `http://127.0.0.1:${port}`;
  const env = {
    ...process.env,
    DATABASE_URL: `file:${folder}/test.db`,
    NEXT_TELEMETRY_DISABLED: "1",
    HOST: host,
    PORT: String(port),
  };
  let server: ChildProcess | null = null;
  if (demo) execFileSync("node_modules/.bin/tsx", ["scripts/seed-demo.mts"], { env, stdio: "inherit" });

  const start = async () => {
    server = spawn(process.execPath, ["scripts/serve.mjs"], { env, stdio: "ignore" });
    for (let tries = 0; tries < 150; tries++) {
      if (await answers(url)) return;
      await new Promise((resolve) => setTimeout(resolve, 200));
    }
    throw new Error("The server does not answer.");
  };
  const stop = async () => {
    const running = server;
    server = null;
    if (!running || running.exitCode !== null) return;
    const ended = new Promise((resolve) => running.once("exit", resolve));
    // No warning to the server: what it has acknowledged has to be there all the same.
    running.kill("SIGKILL");
    await ended;
  };
  const remove = async () => {
    await stop();
    rmSync(folder, { recursive: true, force: true });
  };
  return { url, start, stop, remove };
}

/** A server for the tests of a file: started before the first of them, ended and gone after the last. */
export function serverForTests(
  options: Parameters<typeof testServer>[0],
): Pick<TestServer, "url" | "start" | "stop"> {
  let server: TestServer;
  test.beforeAll(async () => {
    server = await testServer(options);
    await server.start();
  });
  test.afterAll(() => server.remove());
  return {
    get url() {
      return server.url;
    },
    start: () => server.start(),
    stop: () => server.stop(),
  };
}
