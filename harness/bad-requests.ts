import { readFileSync } from "node:fs";
import fc from "fast-check";
import { ACTIONS, demoDatabase, sendAction, sendBody, serverOn } from "./app";

/** Five seconds apart: threads without work are kept for half a minute. */
const MOST_LOOKS = 24;
/** At once. */
const SIDE_BY_SIDE = 8;

const PATHS = [
  ...["/", "/athletes", "/athletes/ilse", "/calendar", "/files", "/gym", "/library", "/session/today-pilots"],
  ...["/session/today-pilots/ilse", "/session/today-pilots/ilse/card", "/session/today-pilots/sheets"],
  ...["/export/bundle.json", "/export/athletes.csv", "/export/sessions.ics", "/card/none", "/api/catalog"],
  ...["/session/today-pilots/floor", "/api/floor/today-pilots", "/wall/none"],
  ...[
    "/data/athletes/ilse",
    "/data/sessions/today-pilots",
    "/data/stamps/session/today-pilots",
    "/data/places",
  ],
];
const ASKED = ["plan", "ramp", "rack", "review", "adjust", "floor/today-pilots/events"];

const anyText = fc.oneof(
  fc.string({ maxLength: 40 }),
  fc.constantFrom("__proto__", "../..", "%00", "ilse", "today-pilots", "-1", "1e999", "\u0000", "💥"),
);
const anyValue = fc.oneof(
  fc.json({ maxDepth: 3 }),
  anyText.map((t) => JSON.stringify(t)),
);
/** A text as a page sends it: what begins with a dollar is marked, since references do. */
const escaped = (_: string, value: unknown) =>
  typeof value === "string" && value.startsWith("$") ? `$${value}` : value;
/** What no page sends: references to what did not come with it. */
const anyUndecodable = fc.constantFrom('["$F1"]', '"$Q9"', "{{", '["$@1"]', "[", "null", '["$K2"]', "\u0000");
type Bad = { way: string; send: (url: string, signal: AbortSignal) => Promise<Response> };

const anyBad: fc.Arbitrary<Bad> = fc.oneof(
  fc.tuple(fc.constantFrom(...ACTIONS.keys()), fc.array(anyValue, { maxLength: 3 })).map(([name, args]) => ({
    way: `${name}(${args.join(", ").slice(0, 200)})`,
    send: (url: string, signal: AbortSignal) =>
      sendAction(
        url,
        name,
        args.map((a) => JSON.parse(a, escaped) as unknown),
        signal,
      ),
  })),
  fc.tuple(fc.constantFrom(...ACTIONS.keys()), fc.oneof(fc.string(), anyUndecodable)).map(([name, body]) => ({
    way: `${name} by ${body.slice(0, 200)}`,
    send: (url: string, signal: AbortSignal) => sendBody(url, name, body, signal),
  })),
  fc.tuple(fc.constantFrom(...ASKED), anyValue).map(([of, body]) => ({
    way: `POST /api/${of} ${body.slice(0, 200)}`,
    send: (url: string, signal: AbortSignal) =>
      fetch(`${url}/api/${of}`, {
        method: "POST",
        headers: { "content-type": "application/json" },
        body,
        signal,
      }),
  })),
  fc.tuple(fc.constantFrom(...PATHS), anyText, anyText).map(([path, more, query]) => {
    const address = `${path}/${encodeURIComponent(more)}?${encodeURIComponent(query)}=${encodeURIComponent(more)}`;
    return {
      way: `GET ${address}`,
      send: (url: string, signal: AbortSignal) => fetch(url + address, { signal }),
    };
  }),
  fc.tuple(fc.constantFrom("look", "take", "x"), anyValue).map(([what, body]) => ({
    way: `POST /import/bundle?do=${what} ${body.slice(0, 200)}`,
    send: (url: string, signal: AbortSignal) =>
      fetch(`${url}/import/bundle?do=${what}`, { method: "POST", body, signal }),
  })),
);

/**
 * Random requests to every route and action: each is answered in time, and none by a fault of the server.
 *
 * @param mostMs what an answer may take; `mostMegabytes` what the server may have in memory when it has come to rest.
 */
export async function badRequests(
  count: number,
  mostMs: number,
  mostMegabytes: number,
): Promise<string | null> {
  const seed = Number(process.env.SEED ?? Date.now() % 2 ** 31);
  const server = await serverOn(demoDatabase());
  const faults: string[] = [];
  try {
    // The code of a route and of a thread is loaded when it is first asked for.
    for (const of of ASKED) await fetch(`${server.url}/api/${of}`, { method: "POST" });
    for (const path of [...PATHS, "/import/bundle?do=look"]) {
      const method = path.startsWith("/import") ? "POST" : "GET";
      await (await fetch(server.url + path, { method })).arrayBuffer();
    }
    const all = fc.sample(anyBad, { numRuns: count, seed });
    const next = all.values();
    const work = Array.from({ length: SIDE_BY_SIDE }, async () => {
      for (const { way, send } of next) {
        const from = performance.now();
        try {
          const response = await send(server.url, AbortSignal.timeout(5 * mostMs));
          await response.arrayBuffer();
          if (response.status >= 500) faults.push(`${response.status}: ${way}`);
        } catch (error) {
          faults.push(`${String(error)}: ${way}`);
        }
        const took = performance.now() - from;
        if (took > mostMs) faults.push(`${took.toFixed(0)} ms: ${way}`);
      }
    });
    await Promise.all(work);
    const health = await fetch(`${server.url}/api/health`);
    if (!health.ok) faults.push(`health is ${health.status}`);
    const megabytes = await settledMemory(server.pid, mostMegabytes);
    if (megabytes > mostMegabytes) faults.push(`${megabytes.toFixed(0)} MB are in use`);
  } finally {
    await server.stop();
  }
  return faults.length > 0 ? `SEED=${seed}: ${faults.slice(0, 5).join("; ")}` : null;
}

/** What a process has in memory once it has come to rest, or after so many looks. Megabytes. */
async function settledMemory(pid: number, wanted: number): Promise<number> {
  for (let looks = 0; ; looks++) {
    const resident = /VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, "utf8"))?.[1];
    const megabytes = Number(resident ?? 0) / 1024;
    if (megabytes <= wanted || looks === MOST_LOOKS) return megabytes;
    await new Promise((resolve) => setTimeout(resolve, 5000));
  }
}
