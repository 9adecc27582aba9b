import { readFileSync } from "node:fs";
import { renderToBuffer } from "@react-pdf/renderer";
import { catalogWith } from "@/catalog";
import { type Catalog, type CustomContent, NO_CUSTOM_CONTENT } from "@/core/catalog";
import { SheetsPdf } from "@/features/card/sheets-pdf";
import { ReportPdf } from "@/features/report/report-pdf";
import { isEqual } from "@/lib/equality";
import { readBundle } from "@/server/files/read-bundle";
import { orderRacks } from "@/server/plans/order-racks";
import { type Answered, type Asked, answer } from "./answer";
import { onePageEach } from "./one-page-each";
import type { Pages } from "./pages";

let catalog: Catalog = catalogWith(NO_CUSTOM_CONTENT);

/** Works out an answer, or the pages of a document, in a thread; see `threads.ts`. */
export default async function work({
  task,
  custom,
}: {
  task: { answer: Asked } | { pages: Pages } | { bundle: string };
  custom: CustomContent;
}): Promise<Answered | Uint8Array | ReturnType<typeof readBundle>> {
  if (!isEqual(custom, catalog.custom)) catalog = catalogWith(custom);
  if ("answer" in task) return answer(task.answer, catalog);
  if ("bundle" in task) return readBundle(readFileSync(task.bundle), catalog);
  const { pages } = task;
  return new Uint8Array(await pdfOf(pages));
}

async function pdfOf(pages: Pages): Promise<Buffer> {
  if (pages.kind === "cards") return onePageEach(pages.of);
  if (pages.kind === "report") return renderToBuffer(<ReportPdf {...pages.of} />);
  const { session, plan, gym } = pages.of;
  const racks = orderRacks(session, plan, gym, catalog);
  return renderToBuffer(<SheetsPdf {...pages.of} racks={racks} catalog={catalog} />);
}
