import { fail, ok, type Result } from "@/lib/result";

/** Marks that say which kind of Unicode follows. */
const MARKS = [
  { bytes: [0xef, 0xbb, 0xbf], encoding: "utf-8" },
  { bytes: [0xff, 0xfe], encoding: "utf-16le" },
  { bytes: [0xfe, 0xff], encoding: "utf-16be" },
] as const;

/**
 * The text of a file: Unicode as its mark says or as it reads, else the western European code page that older
 * spreadsheets write. What is no text at all is refused.
 */
export function decodeText(bytes: Uint8Array): Result<string, string> {
  const mark = MARKS.find((m) => m.bytes.every((b, i) => bytes[i] === b));
  if (mark) return ok(new TextDecoder(mark.encoding).decode(bytes));
  if (bytes.includes(0)) return fail("This is not a text file. Save the table as CSV and choose that file.");
  try {
    return ok(new TextDecoder("utf-8", { fatal: true }).decode(bytes));
  } catch {
    return ok(new TextDecoder("windows-1252").decode(bytes));
  }
}
