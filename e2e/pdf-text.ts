import { getDocument } from "pdfjs-dist/legacy/build/pdf.mjs";

/** The words on each page of a PDF, line breaks and runs of spaces as one space. */
export async function pdfPages(bytes: Buffer): Promise<string[]> {
  const document = await getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise;
  const pages: string[] = [];
  for (let number = 1; number <= document.numPages; number++) {
    const { items } = await (await document.getPage(number)).getTextContent();
    const text = items.map((item) => ("str" in item ? item.str : "")).join(" ");
    pages.push(text.replaceAll(/\s+/g, " ").trim());
  }
  await document.destroy();
  return pages;
}
