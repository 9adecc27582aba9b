import { fail, ok, type Result } from "@/lib/result";
import { decodeText } from "@/ui/decode-text";

/** What a workbook begins with, as all zipped files do. */
const ZIPPED = [0x50, 0x4b, 0x03, 0x04];

/** A table's text as CSV: of a text file as it stands, of an Excel file its first sheet. */
export async function textOf(file: File): Promise<Result<string, string>> {
  const bytes = new Uint8Array(await file.arrayBuffer());
  if (!ZIPPED.every((b, i) => bytes[i] === b)) return decodeText(bytes);
  try {
    const [{ readSheet }, { csvOf }] = await Promise.all([
      import("read-excel-file/browser"),
      import("./csv-of"),
    ]);
    return ok(csvOf(await readSheet(file)));
  } catch {
    return fail("This Excel file cannot be read. Save the table as CSV and choose that file.");
  }
}
