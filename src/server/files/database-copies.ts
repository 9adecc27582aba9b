import path from "node:path";
import { format } from "date-fns";
import { copiesFolder, listCopies } from "@/data/file/copies";
import { databasePlace } from "@/data/file/open-file";

/** The copies of the database that are made by themselves, as the files' page tells of them; null: there is no file. */
export function databaseCopies(): { count: number; last: string | null; folder: string } | null {
  const { file } = databasePlace();
  if (file === null) return null;
  const copies = listCopies(file);
  const [newest] = copies;
  return {
    count: copies.length,
    last: newest ? format(newest.madeAt, "EEE d MMM, HH:mm") : null,
    folder: path.relative("", copiesFolder(file)),
  };
}
