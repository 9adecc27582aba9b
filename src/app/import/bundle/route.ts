import { compareBundle, importBundle, MOST_BUNDLE_BYTES, readBundle } from "@/server/files/bundle";

import { openCatalog } from "@/server/library/catalog";

export const dynamic = "force-dynamic";

/**
 * Takes in a bundle: `?do=look` says what it would change, `?do=take` stores it, both with the file as the body.
 */
export async function POST(request: Request) {
  const url = new URL(request.url);
  const what = url.searchParams.get("do");
  if (Number(request.headers.get("content-length") ?? 0) > MOST_BUNDLE_BYTES)
    return refused(["The file is over 200 MB: that is not a backup."]);
  const catalog = await openCatalog();
  const read = readBundle(new Uint8Array(await request.arrayBuffer()), catalog);
  if (!read.ok) return refused(read.error);
  const done =
    what === "take" ? await importBundle(read.value, catalog) : await compareBundle(read.value, catalog);
  return done.ok ? Response.json({ kind: "done", value: done.value }) : refused(done.error);
}

function refused(faults: readonly string[]): Response {
  return Response.json({ kind: "refused", faults }, { status: 422 });
}
