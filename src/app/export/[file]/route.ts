import { athletesCsv, workingWeightsCsv } from "@/server/export";

export const dynamic = "force-dynamic";

const FILES: Record<string, typeof athletesCsv> = {
  "athletes.csv": athletesCsv,
  "working-weights.csv": workingWeightsCsv,
};

export async function GET(_: Request, { params }: { params: Promise<{ file: string }> }) {
  const make = FILES[(await params).file];
  if (!make) return new Response("There is no such file to take out.", { status: 404 });
  const { name, body } = await make();
  // A spreadsheet takes it for UTF-8 by the mark in front.
  return new Response(`\uFEFF${body}`, {
    headers: {
      "content-type": "text/csv; charset=utf-8",
      "content-disposition": `attachment; filename="${name}"`,
    },
  });
}
