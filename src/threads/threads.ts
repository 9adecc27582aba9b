import { readFile } from "node:fs/promises";
import { Piscina } from "piscina";
import type { Catalog } from "@/core/catalog";
import { fail } from "@/lib/result";
import { gone } from "@/server/api/finish-between-requests";
import { problem, readText, tooLarge } from "@/server/api/problem";
import { readBundle } from "@/server/files/read-bundle";
import { type Answered, type Asked, answer } from "./answer";
import type { Pages } from "./pages";

/** For how long a thread without work is kept. Milliseconds. */
const IDLE_MS = 30_000;
/** How many wait for each kind of work at most; who comes then is asked to come again. */
const MOST_WAITING = 16;
/** For how long an answer or a document is worked on at most, waiting included. Milliseconds. */
const DEADLINE_MS = { answer: 30_000, pages: 60_000, bundle: 120_000 };

type Kind = keyof typeof DEADLINE_MS;

const pools = new Map<Kind, Piscina>();

/** Each kind of work has a thread of its own, beside the one that answers requests. */
function poolOf(kind: Kind, filename: string): Piscina {
  const known = pools.get(kind);
  if (known) return known;
  const pool = new Piscina({
    filename,
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: IDLE_MS,
  });
  pools.set(kind, pool);
  return pool;
}

/** Work that was not done, and why. */
type Undone = "late" | "left" | "crowded";

/** Does work in a thread; who leaves, or the deadline, ends it. */
async function inThread<T>(
  kind: Kind,
  filename: string,
  task: object,
  { custom }: Catalog,
  left: AbortSignal,
): Promise<T | Undone> {
  const pool = poolOf(kind, filename);
  // Counted here: the package lets more in for as long as its threads start.
  if (pool.queueSize >= MOST_WAITING) return "crowded";
  const deadline = AbortSignal.timeout(DEADLINE_MS[kind]);
  try {
    return await pool.run({ task, custom }, { signal: AbortSignal.any([left, deadline]) });
  } catch (error) {
    if (left.aborted) return "left";
    if (deadline.aborted) return "late";
    throw error;
  }
}

/** What to do about work that takes too long. */
const ADVICE: Record<Kind, string> = {
  answer: "Ask for fewer lifts or people, or without “exact”.",
  pages: "Ask for fewer at a time.",
  bundle: "Take it in in parts.",
};

/** The response to a request whose work was not done. */
function undone(why: Undone, kind: Kind): Response {
  if (why === "left") return gone();
  if (why === "late") {
    const limit = `over ${DEADLINE_MS[kind] / 1000} s`;
    return problem(503, `This takes ${limit}. ${ADVICE[kind]}`);
  }
  const response = problem(503, "Too many are waiting. Ask again in a moment.");
  response.headers.set("retry-after", "5");
  return response;
}

/** Answers a request of the open interface: WORK_THREAD names the thread's script; without it, on this one. */
export async function answerRequest(of: Asked["of"], request: Request, catalog: Catalog): Promise<Response> {
  const body = await readText(request);
  if (body === null) return tooLarge();
  const asked: Asked = { of, body, contentType: request.headers.get("content-type") ?? "" };
  const filename = process.env.WORK_THREAD;
  const done = filename
    ? await inThread<Answered>("answer", filename, { answer: asked }, catalog, request.signal)
    : await answer(asked, catalog);
  if (typeof done === "string") return undone(done, "answer");
  return new Response(done.body, { status: done.status, headers: { "content-type": done.contentType } });
}

/** Reads the bundle in a file; a failure says what is wrong with it, or why it was not read. */
export async function bundleIn(
  file: string,
  request: Request,
  catalog: Catalog,
): Promise<ReturnType<typeof readBundle>> {
  const filename = process.env.WORK_THREAD;
  if (!filename) return readBundle(await readFile(file), catalog);
  const task = { bundle: file };
  const done = await inThread<ReturnType<typeof readBundle>>(
    "bundle",
    filename,
    task,
    catalog,
    request.signal,
  );
  if (typeof done !== "string") return done;
  return fail([
    done === "crowded"
      ? "Other files are being read. Try again in a moment."
      : `It takes too long. ${ADVICE.bundle}`,
  ]);
}

/** A document for print as the answer to a request, to be shown or kept under its name. */
export async function pdfResponse(
  pages: Pages,
  name: string,
  request: Request,
  catalog: Catalog,
): Promise<Response> {
  const filename = process.env.WORK_THREAD;
  if (!filename)
    return problem(503, "Documents are made by the app as it is built: start it with npm start.");
  const done = await inThread<Uint8Array<ArrayBuffer>>("pages", filename, { pages }, catalog, request.signal);
  if (typeof done === "string") return undone(done, "pages");
  return new Response(done, {
    headers: {
      "content-type": "application/pdf",
      "content-disposition": `inline; filename*=UTF-8''${encodeURIComponent(name)}.pdf`,
    },
  });
}

export function noSuchPlan(): Response {
  return new Response("There is no such plan.\n", { status: 404 });
}
