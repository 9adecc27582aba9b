import { execFile, spawnSync } from "node:child_process";
import { randomBytes } from "node:crypto";
import { createServer, get } from "node:http";
import { networkInterfaces } from "node:os";
import next from "next";
import { headersOf } from "./headers.mjs";
import { DATABASE_COMMAND, PLAN_THREAD, WORK_THREAD } from "./prepare.mjs";
import { isForeignChange, isOurHost, isThisMachine, mayReach, pathOf } from "./reach.mjs";
import { answerAction } from "./unread-requests.mjs";

process.env.NODE_ENV ??= "production";
// Whoever reads what is said here may go away first; saying so again, for ever, would be all that is still done.
for (const stream of [process.stdout, process.stderr]) stream.on("error", () => undefined);

process.env.PLAN_THREAD ??= PLAN_THREAD;
process.env.WORK_THREAD ??= WORK_THREAD;

/** Serves the production build on HOST and PORT; other machines reach the addresses of cards and walls only. */
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

const ownNames = [hostname, process.env.PUBLIC_URL?.replace(/^https?:\/\/|\/.*$/g, "")];

const server = createServer((request, response) => {
  const refuse = (status, why) => {
    response.writeHead(status, { "content-type": "text/plain; charset=utf-8" });
    response.end(`${why}\n`);
  };
  const { method, url, headers } = request;
  const { remoteAddress, localAddress } = request.socket;
  const path = pathOf(url);
  const nonce = randomBytes(16).toString("base64");
  const own = headersOf(path ?? "", nonce);
  for (const [name, value] of Object.entries(own)) response.setHeader(name, value);
  if (path === null) refuse(400, "This is no address.");
  else if (!isOurHost(headers.host, [...ownNames, localAddress?.replace(/^::ffff:/, "")]))
    refuse(421, "This server has another name. Put it into PUBLIC_URL if it is yours.");
  else if (!mayReach(remoteAddress, localAddress, url, method))
    refuse(403, "This address is for the coach's own machine.");
  else if (isForeignChange(method, headers)) refuse(403, "Another site's page cannot change anything here.");
  else {
    // Pages give the nonce to their scripts; it is never the one that a request claims.
    headers["x-nonce"] = nonce;
    headers["content-security-policy"] = own["content-security-policy"];
    void answerAction(request, response, handle);
  }
});
// There is nothing here that a connection could be upgraded to.
server.on("upgrade", (_, socket) => socket.destroy());

/** For how long the first page may hold up the start. Milliseconds. */
const MOST_WARM_UP = 2000;

/**
 * Asks for the first page before anybody else can, so that what pages are made of is loaded by then. By Node's own client and
 * a timer of its own: once in some hundred starts `fetch` neither got its answer nor gave up, and nobody was let in.
 */
async function warmUp() {
  await new Promise((resolve) => server.listen(0, "127.0.0.1", resolve));
  const answered = new Promise((resolve) => {
    const asked = get(
      { host: "127.0.0.1", port: server.address().port, path: "/", agent: false },
      (answer) => {
        answer.resume().once("close", resolve);
      },
    );
    // Whoever asks next is told what is wrong.
    asked.once("error", resolve);
  });
  await Promise.race([answered, new Promise((resolve) => setTimeout(resolve, MOST_WARM_UP))]);
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
  console.log("Other machines reach the addresses of cards and walls and nothing else:");
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
  for (const endStream of globalThis.ironStepStreams ?? []) endStream();
  server.closeIdleConnections();
  await Promise.race([closed, new Promise((resolve) => setTimeout(resolve, MOST_FAREWELL))]);
  await (await globalThis.ironStepConnection)?.close().catch(() => undefined);
  process.exit(0);
}
for (const signal of ["SIGINT", "SIGTERM"]) process.once(signal, () => void end());
