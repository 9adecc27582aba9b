import { execFile, spawnSync } from "node:child_process";
import { randomBytes } from "node:crypto";
import { readFileSync } from "node:fs";
import { createServer as createPlainServer, get } from "node:http";
import { createServer as createTlsServer } from "node:https";
import { networkInterfaces } from "node:os";
import next from "next";
import pino from "pino";
import QRCode from "qrcode";
import { headersOf } from "./headers.mjs";
import { DATABASE_COMMAND, PLAN_THREAD, WORK_THREAD } from "./prepare.mjs";
import { fromOf, isForeignChange, isOurHost, isPassedOn, needsSignIn, pathOf } from "./reach.mjs";
import { answerAction } from "./unread-requests.mjs";

process.env.NODE_ENV ??= "production";
// Whoever reads what is said here may go away first; saying so again, for ever, would be all that is still done.
for (const stream of [process.stdout, process.stderr]) stream.on("error", () => undefined);

process.env.PLAN_THREAD ??= PLAN_THREAD;
process.env.WORK_THREAD ??= WORK_THREAD;

/** Serves the production build on HOST and PORT; where other machines reach it, everybody signs in. */
const hostname = process.env.HOST ?? "127.0.0.1";
const port = Number(process.env.PORT ?? 3000);
const isSignInOn = needsSignIn(hostname, process.env.PUBLIC_URL);
const tls = certificate();
process.env.SIGN_IN = isSignInOn ? "on" : "off";
process.env.TLS = tls || process.env.PUBLIC_URL?.startsWith("https:") ? "on" : "off";

/** What happens to the server, line by line as JSON: no names, no addresses of pages, nothing of anybody's health. */
const log = pino({
  level: process.env.LOG_LEVEL ?? (process.stdout.isTTY ? "warn" : "info"),
  base: undefined,
});

/** Certificate and key by TLS_CERT and TLS_KEY; null: neither is set. */
function certificate() {
  const { TLS_CERT: cert, TLS_KEY: key } = process.env;
  if (!cert && !key) return null;
  try {
    return { cert: readFileSync(cert ?? ""), key: readFileSync(key ?? "") };
  } catch {
    console.error("TLS_CERT and TLS_KEY name a certificate and its key: one of them cannot be read.");
    process.exit(74);
  }
}

// What is wrong with the database is said once, before anybody can be shown an empty gym.
const { status } = spawnSync(process.execPath, [DATABASE_COMMAND, "check"], {
  stdio: ["ignore", "ignore", "inherit"],
});
if (status !== 0) process.exit(status ?? 1);

const app = next({ dev: false, hostname, port });
await app.prepare();
const handle = app.getRequestHandler();

const ownNames = [hostname, process.env.PUBLIC_URL?.replace(/^https?:\/\/|\/.*$/g, "")];

// Links and codes name an address at which others reach this server.
const addresses = ownAddresses();
if (isSignInOn) process.env.PUBLIC_URL ??= addresses[0];

/** The addresses at which this server is reached: as it was told, by this machine and by others in its network. */
function ownAddresses() {
  const scheme = tls ? "https" : "http";
  if (process.env.PUBLIC_URL) return [process.env.PUBLIC_URL.replace(/\/+$/, "")];
  if (!/^(0\.0\.0\.0|::)$/.test(hostname)) return [`${scheme}://${hostname}:${port}`];
  const others = Object.values(networkInterfaces())
    .flat()
    .filter((i) => i && !i.internal && i.family === "IPv4")
    .map(({ address }) => `${scheme}://${address}:${port}`);
  return others.length > 0 ? others : [`${scheme}://127.0.0.1:${port}`];
}

/** Answers that took longer are in the log. Milliseconds. */
const SLOW = 2000;

/** Writes down what went wrong or took long: what was asked for as far as it names nobody. */
function watch(request, response) {
  const begun = performance.now();
  response.on("finish", () => {
    const ms = Math.round(performance.now() - begun);
    const place = `/${(pathOf(request.url) ?? "").split("/")[1] ?? ""}`;
    const line = { method: request.method, place, status: response.statusCode, ms };
    if (response.statusCode >= 500) log.error(line, "failed");
    // A stream is meant to last.
    else if (ms > SLOW && !/event-stream/.test(response.getHeader("content-type"))) log.warn(line, "slow");
  });
}

const answer = (request, response) => {
  watch(request, response);
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
  else if (!isSignInOn && isPassedOn(headers))
    refuse(403, "A proxy passes this on for another machine. Start with PUBLIC_URL, and everybody signs in.");
  else if (isForeignChange(method, headers)) refuse(403, "Another site's page cannot change anything here.");
  else {
    // Pages give the nonce to their scripts; it is never the one that a request claims.
    headers["x-nonce"] = nonce;
    headers["x-from"] = fromOf(remoteAddress, headers);
    headers["content-security-policy"] = own["content-security-policy"];
    void answerAction(request, response, handle);
  }
};
const server = tls ? createTlsServer(tls, answer) : createPlainServer(answer);
// There is nothing here that a connection could be upgraded to.
server.on("upgrade", (_, socket) => socket.destroy());

/** For how long the first page may hold up the start. Milliseconds. */
const MOST_WARM_UP = 2000;

/**
 * Asks for the first page before anybody else can, so that what pages are made of is loaded by then. By Node's own client and
 * a timer of its own: once in some hundred starts `fetch` neither got its answer nor gave up, and nobody was let in.
 */
async function warmUp() {
  const first = createPlainServer(answer);
  await new Promise((resolve) => first.listen(0, "127.0.0.1", resolve));
  const answered = new Promise((resolve) => {
    const asked = get({ host: "127.0.0.1", port: first.address().port, path: "/", agent: false }, (reply) => {
      reply.resume().once("close", resolve);
    });
    // Whoever asks next is told what is wrong.
    asked.once("error", resolve);
  });
  await Promise.race([answered, new Promise((resolve) => setTimeout(resolve, MOST_WARM_UP))]);
  const closed = new Promise((resolve) => first.close(resolve));
  first.closeAllConnections();
  await closed;
}
await warmUp();

/** Says where the server is, and how the first owner, tablets and phones come in. */
async function sayWhere() {
  const [first, ...more] = addresses;
  console.log(`Iron Step: ${first}`);
  for (const address of more) console.log(`           ${address}`);
  if (!isSignInOn) return;
  const owner = await globalThis.ironStepOwnerLink?.().catch(() => null);
  if (owner)
    console.log(`\nNobody runs this gym yet. Become its owner, once, within a day:\n  ${first}${owner.path}`);
  console.log(`\n${await QRCode.toString(`${first}/pair`, { type: "terminal", small: true })}`);
  console.log("Tablets and phones scan this, and type the code that Access shows on the desk.");
  if (process.env.TLS === "on") return;
  console.log(
    "Without https what is sent can be read on the network, and floor pages are not kept for when the wireless drops: “npm run certificate” makes one.",
  );
}

server.listen(port, hostname, () => {
  log.info({ signIn: isSignInOn, tls: tls !== null }, "started");
  void sayWhere();
});

/** How often it is looked whether today's copy has been made. Milliseconds. */
const COPY_EVERY = 60 * 60 * 1000;
const copyOnceADay = () =>
  execFile(process.execPath, [DATABASE_COMMAND, "day-copy"], (error, _, said) => {
    if (!error) return;
    log.error("the day's copy could not be made");
    console.error(`Today's copy of the database could not be made. ${said.trim()}`);
  });
copyOnceADay();
setInterval(copyOnceADay, COPY_EVERY).unref();

/** For how long answers that are under way may hold up the end. Milliseconds. */
const MOST_FAREWELL = 3000;

/** Lets what is under way be answered, and leaves the database so that a copy of its file is whole. */
async function end() {
  log.info("ended");
  const closed = new Promise((resolve) => server.close(resolve));
  for (const endStream of globalThis.ironStepStreams ?? []) endStream();
  server.closeIdleConnections();
  await Promise.race([closed, new Promise((resolve) => setTimeout(resolve, MOST_FAREWELL))]);
  await (await globalThis.ironStepConnection)?.close().catch(() => undefined);
  process.exit(0);
}
for (const signal of ["SIGINT", "SIGTERM"]) process.once(signal, () => void end());
