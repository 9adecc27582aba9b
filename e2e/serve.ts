import { spawn } from "node:child_process";
import { get } from "node:http";
import { get as secureGet } from "node:https";
import { createServer } from "node:net";

/** A production server that runs. */
export interface RunningServer {
  url: string;
  pid: number;
  /** What it has said since it was started. */
  said: () => string;
  /** Kills it without a warning: what it has acknowledged has to be there all the same. */
  stop: () => Promise<void>;
}

/** Ports that no outgoing connection is given, so that a server which is away finds its own free when it is back. */
const PORTS = { from: 20_000, count: 10_000 };

function isFree(port: number): Promise<boolean> {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once("error", () => resolve(false));
    probe.listen(port, "127.0.0.1", () => probe.close(() => resolve(true)));
  });
}

/** A port that nobody listens on. */
export async function freePort(): Promise<number> {
  for (;;) {
    const port = PORTS.from + Math.floor(Math.random() * PORTS.count);
    if (await isFree(port)) return port;
  }
}

/** Whether a server answers; a certificate of its own is taken as it is. */
function answers(url: string): Promise<boolean> {
  const ask = url.startsWith("https:") ? secureGet : get;
  return new Promise((resolve) => {
    const request = ask(`${url}/api/health`, { rejectUnauthorized: false, timeout: 5000 }, (answer) => {
      answer.resume();
      resolve(answer.statusCode === 200);
    });
    request.once("error", () => resolve(false));
    request.once("timeout", () => request.destroy());
  });
}

/** Starts the production build on a port and waits until it answers. Throws when it does not within a minute. */
export async function startServer(env: NodeJS.ProcessEnv, onPort?: number): Promise<RunningServer> {
  const port = onPort ?? (await freePort());
  const url = `${env.TLS_CERT ? "https" : "http"}://127.0.0.1:${port}`;
  const server = spawn(process.execPath, ["scripts/serve.mjs"], {
    env: { HOST: "127.0.0.1", ...env, PORT: String(port) },
    stdio: ["ignore", "pipe", "pipe"],
  });
  let said = "";
  for (const stream of [server.stdout, server.stderr]) {
    stream.on("data", (text) => {
      said += text;
    });
  }
  const stop = async () => {
    if (server.exitCode !== null || server.signalCode !== null) return;
    const ended = new Promise((resolve) => server.once("exit", resolve));
    server.kill("SIGKILL");
    await ended;
  };
  for (let tries = 0; tries < 600; tries++) {
    if (await answers(url)) return { url, pid: server.pid!, said: () => said, stop };
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  await stop();
  throw new Error(`The server does not answer. ${said}`);
}
