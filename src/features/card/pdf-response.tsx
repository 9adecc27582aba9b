import { type DocumentProps, renderToBuffer } from "@react-pdf/renderer";
import type { ReactElement } from "react";

/** A document as the answer to a request, to be shown or kept under its name. */
export async function pdfResponse(document: ReactElement<DocumentProps>, name: string): Promise<Response> {
  const body = new Uint8Array(await renderToBuffer(document));
  return new Response(body, {
    headers: {
      "content-type": "application/pdf",
      "content-disposition": `inline; filename*=UTF-8''${encodeURIComponent(name)}.pdf`,
    },
  });
}

export function noSuchPlan(): Response {
  return new Response("There is no such plan.\n", { status: 404 });
}
