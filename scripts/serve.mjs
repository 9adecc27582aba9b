import { execFile, spawnSync } from "node:child_process";
import { createServer } from "node:http";
import { networkInterfaces } from "node:os";
import next from "next";
import { DATABASE_COMMAND, PLAN_THREAD } from "./prepare.mjs";
import { isForeignChange, isThisMachine, mayReach } from "./reach.mjs";

process.env.NODE_ENV ??= "production";
process.env.PLAN_THREAD ??= PLAN_THREAD;

/** Serves the production build on HOST and PORT; other machines reach the addresses of cards only. */
const hostname = process.env.HOST ?? "127.0.0.1";
const port = Number(process.env.PORT ?? 3000);

// What is wrong with the database is said once, before anybody can be shown an empty gym.
const { status } = spawnSync(process.execPath, [DATABASE_COMMAND, "check"], {
  stdio: ["ignore", "ignore", "inherit"],
});
if (status !== 0) process.exit(status ?? 1);

const app = next({ dev: false, hostname, port });
await app.prepare();
const handle = app.getRequestHandler();

const server = createServer((request, response) => {
  const refuse = (why) => {
    response.writeHead(403, { "content-type": "text/plain; charset=utf-8" });
    response.end(`${why}\n`);
  };
  const { method, url, headers } = request;
  const { remoteAddress, localAddress } = request.socket;
  if (!mayReach(remoteAddress, localAddress, url, method))
    refuse("This address is for the coach's own machine.");
  else if (isForeignChange(method, url, headers)) refuse("Another site's page cannot change anything here.");
  else void handle(request, response);
});

/** For how long the first page may hold up the start. Milliseconds. */
const MOST_WARM_UP = 2000;

/** Asks for the first page before anybody else can, so that what pages are made of is loaded by then. */
async function warmUp() {
  await new Promise((resolve) => server.listen(0, "127.0.0.1", resolve));
  const signal = AbortSignal.timeout(MOST_WARM_UP);
  try {
    await (await fetch(`http://127.0.0.1:${server.address().port}/`, { signal })).arrayBuffer();
  } catch {
    // Whoever asks next is told what is wrong.
  }
  const closed = new Promise((resolve) => server.close(resolve));
  server.closeAllConnections();
  await closed;
}
await warmUp();

server.listen(port, hostname, () => {
  console.log(`Iron Step: http://${hostname}:${port}`);
  if (isThisMachine(hostname, null)) return;
  const others = Object.values(networkInterfaces())
    .flat()
    .filter((i) => i && !i.internal && i.family === "IPv4");
  console.log("Other machines reach the addresses of cards and nothing else:");
  for (const { address } of others) console.log(`  http://${address}:${port}/card/…`);
});

/** How often it is looked whether today's copy has been made. Milliseconds. */
const COPY_EVERY = 60 * 60 * 1000;
const copyOnceADay = () =>
  execFile(process.execPath, [DATABASE_COMMAND, "day-copy"], (error, _, said) => {
    if (error) console.error(`Today's copy of the database could not be made. ${said.trim()}`);
  });
copyOnceADay();
setInterval(copyOnceADay, COPY_EVERY).unref();

/** For how long answers that are under way may hold up the end. Milliseconds. */
const MOST_FAREWELL = 3000;

/** Lets what is under way be answered, and leaves the database so that a copy of its file is whole. */
async function end() {
  const closed = new Promise((resolve) => server.close(resolve));
  server.closeIdleConnections();
  await Promise.race([closed, new Promise((resolve) => setTimeout(resolve, MOST_FAREWELL))]);
  await (await globalThis.ironStepConnection)?.close().catch(() => undefined);
  process.exit(0);
}
for (const signal of ["SIGINT", "SIGTERM"]) process.once(signal, () => void end());
