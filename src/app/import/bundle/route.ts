import { createWriteStream } from "node:fs";
import { mkdtemp, rm } from "node:fs/promises";
import { tmpdir } from "node:os";
import path from "node:path";
import { Readable, Transform } from "node:stream";
import { pipeline } from "node:stream/promises";
import { route } from "@/server/access/route";
import { compareBundle, importBundle } from "@/server/files/bundle";
import { MOST_BUNDLE_BYTES } from "@/server/files/read-bundle";
import { openCatalog } from "@/server/library/catalog";
import { bundleIn } from "@/threads/threads";

export const dynamic = "force-dynamic";

/**
 * Takes in a bundle: `?do=look` says what it would change, `?do=take` stores it, both with the file as the body. It goes
 * to a file piece by piece as it comes, so that nobody else waits for it.
 */
export const POST = route("POST /import/bundle", async (request: Request) => {
  const what = new URL(request.url).searchParams.get("do");
  const folder = await mkdtemp(path.join(tmpdir(), "iron-step-import-"));
  try {
    const file = path.join(folder, "bundle.json");
    const isWhole = await keep(request, file);
    if (!isWhole) return refused(["The file is over 200 MB: that is not a backup."]);
    const catalog = await openCatalog();
    const read = await bundleIn(file, request, catalog);
    if (!read.ok) return refused(read.error);
    const done =
      what === "take" ? await importBundle(read.value, catalog) : await compareBundle(read.value, catalog);
    return done.ok ? Response.json({ kind: "done", value: done.value }) : refused(done.error);
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
});

/** Writes a request's body to a file. False: it is too large. */
async function keep(request: Request, file: string): Promise<boolean> {
  if (Number(request.headers.get("content-length") ?? 0) > MOST_BUNDLE_BYTES) return false;
  let bytes = 0;
  const counted = new Transform({
    transform(chunk: Buffer, _, done) {
      bytes += chunk.length;
      done(bytes > MOST_BUNDLE_BYTES ? new Error("too large") : null, chunk);
    },
  });
  const body = request.body ? Readable.fromWeb(request.body as never) : Readable.from([]);
  try {
    await pipeline(body, counted, createWriteStream(file));
    return true;
  } catch (error) {
    if (bytes > MOST_BUNDLE_BYTES) return false;
    throw error;
  }
}

function refused(faults: readonly string[]): Response {
  return Response.json({ kind: "refused", faults }, { status: 422 });
}
