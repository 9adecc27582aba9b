import { currentActor } from "@/server/access/actor";
import { may, NOT_ALLOWED } from "@/server/access/rights";
import { route } from "@/server/access/route";
import { noteTakenOut } from "@/server/access/taken-out";
import { problem } from "@/server/api/problem";
import { bundleText } from "@/server/files/bundle";
import {
  athletesCsv,
  followUpsCsv,
  setsCsv,
  testsCsv,
  trialsCsv,
  workingWeightsCsv,
} from "@/server/files/export";
import { packText } from "@/server/files/pack";
import { openCatalog } from "@/server/library/catalog";
import { bundleJsonSchema } from "@/server/schemas/bundle";
import { sessionsCalendar } from "@/server/sessions/sessions-feed";

export const dynamic = "force-dynamic";

const CSV: ReadonlyMap<string, typeof workingWeightsCsv> = new Map([
  ["athletes.csv", athletesCsv],
  ["working-weights.csv", workingWeightsCsv],
  ["tests.csv", testsCsv],
  ["trials.csv", trialsCsv],
  ["follow-ups.csv", followUpsCsv],
  ["sets-done.csv", setsCsv],
]);

export const GET = route(
  "GET /export/[file]",
  async (request: Request, { params }: { params: Promise<{ file: string }> }) => {
    const { file } = await params;
    const catalog = await openCatalog();
    if (file === "bundle.json") {
      const actor = await currentActor(request.headers);
      if (!may(actor?.role ?? null, "export of everything")) return problem(403, NOT_ALLOWED);
      await noteTakenOut("Full backup");
      return fileOf(streamOf(bundleText(catalog)), "application/json", file);
    }
    if (file === "pack.json") {
      const ids = new URL(request.url).searchParams.get("of")?.split(",") ?? [];
      return fileOf(await packText(ids, catalog), "application/json", file);
    }
    if (file === "bundle.schema.json")
      return fileOf(`${JSON.stringify(bundleJsonSchema(), null, 2)}\n`, "application/schema+json");
    if (file === "sessions.ics")
      return fileOf(await sessionsCalendar(catalog), "text/calendar; charset=utf-8");
    const make = CSV.get(file);
    if (!make) return new Response("There is no such file to export.\n", { status: 404 });
    await noteTakenOut(`All of ${file}`);
    const { name, body } = await make(catalog);
    // A spreadsheet takes it for UTF-8 by the mark in front.
    return fileOf(`\uFEFF${body}`, "text/csv; charset=utf-8", name);
  },
);

/** A file to be shown or, with a name, to be kept. */
function fileOf(body: BodyInit, type: string, name?: string): Response {
  return new Response(body, {
    headers: {
      "content-type": type,
      ...(name && { "content-disposition": `attachment; filename="${name}"` }),
    },
  });
}

/** A text as it is made, piece by piece. */
function streamOf(text: AsyncGenerator<string>): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder();
  return new ReadableStream({
    async pull(controller) {
      const { value, done } = await text.next();
      if (done) controller.close();
      else controller.enqueue(encoder.encode(value));
    },
    async cancel() {
      await text.return(undefined);
    },
  });
}
