"use client";

import { useId, useState, useTransition } from "react";
import { useAsk } from "@/client/use-ask";
import { IMPORT_FIELDS, type ImportColumns, MOST_IMPORT_CHARACTERS } from "@/core/roster";
import { counted } from "@/core/units";
import { importAthletesAction, previewImportAction } from "@/server/actions/athletes";
import type { ImportPreview } from "@/server/athletes/import-athletes";
import { LabelledChoice } from "@/ui/choice";
import { decodeText } from "@/ui/decode-text";
import { Sheet, SheetButtons } from "@/ui/sheet";

const NOWHERE = "none";

/** Takes athletes and working weights in from a file: looked at first, stored when the coach says so. */
export function ImportDialog({
  open,
  onOpenChange,
  onDone,
}: {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  /** Told how many people were taken in, and by what it is taken back. */
  onDone: (people: number, token: string) => void;
}) {
  const id = useId();
  const [isBusy, startBusy] = useTransition();
  const [text, setText] = useState("");
  const [preview, setPreview] = useState<ImportPreview | null>(null);

  const ask = useAsk();
  const look = (of: string, columns?: ImportColumns) =>
    startBusy(async () => {
      setText(of);
      setPreview(await ask(previewImportAction, { text: of, ...(columns && { columns }) }));
    });
  const choose = async (file: File | undefined) => {
    if (!file) return;
    if (file.size > MOST_IMPORT_CHARACTERS) {
      setPreview({ kind: "refused", message: "The file is over 500 kB: import fewer lines at a time." });
      return;
    }
    const read = decodeText(new Uint8Array(await file.arrayBuffer()));
    if (read.ok) look(read.value);
    else setPreview({ kind: "refused", message: read.error });
  };
  const read = preview?.kind === "read" ? preview : null;
  const take = () =>
    startBusy(async () => {
      const outcome = await ask(importAthletesAction, { text, columns: read!.columns });
      if (outcome.kind === "refused") {
        setPreview(outcome);
        return;
      }
      setPreview(null);
      onOpenChange(false);
      onDone(outcome.people, outcome.token);
    });
  const isReady = read && read.errors.length === 0;

  return (
    <Sheet
      title="Import a file"
      open={open}
      onOpenChange={onOpenChange}
      className="max-h-[92dvh] w-[48rem] overflow-y-auto"
    >
      <label htmlFor={`${id}-file`} className="mb-2 block text-ink-soft">
        A CSV file of athletes, working weights or both, with a header row. Nothing is saved until you
        confirm.
      </label>
      <input
        id={`${id}-file`}
        type="file"
        accept=".csv,.txt,text/csv,text/plain"
        onChange={(e) => void choose(e.target.files?.[0])}
        className="block min-h-9 w-full text-sm file:mr-3 file:min-h-8 file:rounded-sm file:border file:border-line-strong file:bg-field file:px-3 file:font-semibold"
      />
      <div role="status" className="mt-4 space-y-4">
        {preview?.kind === "refused" && (
          <p role="alert" className="font-semibold text-ember">
            {preview.message}
          </p>
        )}
        {read && (
          <>
            <div className="grid grid-cols-3 gap-x-6 gap-y-2 sm:grid-cols-4">
              {IMPORT_FIELDS.map((field) => (
                <LabelledChoice
                  key={field.id}
                  label={field.label}
                  value={String(read.columns[field.id] ?? NOWHERE)}
                  groups={[
                    {
                      options: [
                        { value: NOWHERE, label: "Not in the file" },
                        ...read.heads.map((h, i) => ({ value: String(i), label: h || `Column ${i + 1}` })),
                      ],
                    },
                  ]}
                  onChange={(column) => {
                    const { [field.id]: _, ...rest } = read.columns;
                    look(text, column === NOWHERE ? rest : { ...rest, [field.id]: Number(column) });
                  }}
                />
              ))}
            </div>
            <div className="overflow-x-auto border-y border-line">
              <table className="w-full border-collapse text-2xs">
                <caption className="sr-only">First lines of the file</caption>
                <thead>
                  <tr className="text-left">
                    {read.heads.map((h, i) => (
                      // biome-ignore lint/suspicious/noArrayIndexKey: a column is its place; heads may be alike
                      <th key={i} className="px-2 py-1 font-semibold">
                        {h}
                      </th>
                    ))}
                  </tr>
                </thead>
                <tbody>
                  {read.lines.map((line, l) => (
                    // biome-ignore lint/suspicious/noArrayIndexKey: a line is its place; lines may be alike
                    <tr key={l} className="border-t border-line">
                      {read.heads.map((_, i) => (
                        // biome-ignore lint/suspicious/noArrayIndexKey: a cell is its column's place
                        <td key={i} className="max-w-40 truncate px-2 py-1 text-ink-soft">
                          {line[i]}
                        </td>
                      ))}
                    </tr>
                  ))}
                </tbody>
              </table>
            </div>
            <p className="font-medium">
              {read.people.added} new, {read.people.changed} existing,{" "}
              {counted(read.weights, "working weight")}.
            </p>
            {read.errors.length > 0 && (
              <ul
                aria-label="Errors"
                className="max-h-40 space-y-0.5 overflow-y-auto bg-ochre-wash px-3 py-2"
              >
                {read.errors.map((e) => (
                  <li key={`${e.line} ${e.message}`}>
                    <span className="font-semibold">Line {e.line}:</span> {e.message}
                  </li>
                ))}
              </ul>
            )}
          </>
        )}
      </div>
      <SheetButtons action="Import" disabled={!isReady || isBusy} onAct={take} />
    </Sheet>
  );
}
