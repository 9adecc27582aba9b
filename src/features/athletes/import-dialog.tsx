"use client";

import { useId, useState, useTransition } from "react";
import { answered, useAsk } from "@/client/use-ask";
import { IMPORT_FIELDS, MOST_IMPORT_CHARACTERS } from "@/core/roster";
import { counted } from "@/core/units";
import { importAthletesAction, previewImportAction } from "@/server/actions/athletes";
import type { ImportForm, ImportPreview } from "@/server/athletes/import-athletes";
import { LabelledChoice } from "@/ui/choice";
import { Sheet, SheetButtons } from "@/ui/sheet";
import { LinesInError, SameNames } from "./import-questions";
import { textOf } from "./table-text";

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
  const [form, setForm] = useState<ImportForm>({ text: "" });
  const [preview, setPreview] = useState<ImportPreview | null>(null);

  const ask = useAsk();
  const look = (to: ImportForm) => {
    // At once, so that what is said next is said of it.
    setForm(to);
    startBusy(async () => setPreview(await answered(previewImportAction(to))));
  };
  const say = (more: Partial<ImportForm>) => look({ ...form, ...more });
  const choose = async (file: File | undefined) => {
    if (!file) return;
    if (file.size > MOST_IMPORT_CHARACTERS) {
      setPreview({ kind: "refused", message: "The file is over 500 kB: import fewer lines at a time." });
      return;
    }
    const read = await textOf(file);
    if (read.ok) look({ text: read.value });
    else setPreview({ kind: "refused", message: read.error });
  };
  const read = preview?.kind === "read" ? preview : null;
  const take = () =>
    startBusy(async () => {
      const inError = read!.errors.map((e) => e.line);
      const leftOut = [...new Set([...(form.leftOut ?? []), ...inError])];
      const outcome = await ask(importAthletesAction, { ...form, columns: read!.columns, leftOut });
      if (outcome.kind === "refused") {
        setPreview(outcome);
        return;
      }
      setPreview(null);
      onOpenChange(false);
      onDone(outcome.people, outcome.token);
    });
  const known = read ? read.people.added + read.people.changed : 0;
  const isReady = read && known > 0 && read.linesInError <= new Set(read.errors.map((e) => e.line)).size;
  const out = read?.linesInError ?? 0;

  return (
    <Sheet
      title="Import a file"
      open={open}
      onOpenChange={onOpenChange}
      className="max-h-[92dvh] w-[48rem] overflow-y-auto"
    >
      <label htmlFor={`${id}-file`} className="mb-2 block text-ink-soft">
        A CSV or Excel file of athletes, working weights or both, with a header row. Nothing is saved until
        you confirm.
      </label>
      <input
        id={`${id}-file`}
        type="file"
        accept=".csv,.txt,.xlsx,text/csv,text/plain"
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
                    say({ columns: column === NOWHERE ? rest : { ...rest, [field.id]: Number(column) } });
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
            {read.asksDayOrder && (
              <LabelledChoice
                label="In days written in numbers"
                value={form.dayOrder ?? ""}
                placeholder="Say which comes first"
                groups={[
                  {
                    options: [
                      { value: "day-first", label: "The day comes first", note: "3/4 is the 3rd of April." },
                      {
                        value: "month-first",
                        label: "The month comes first",
                        note: "3/4 is the 4th of March.",
                      },
                    ],
                  },
                ]}
                onChange={(dayOrder) => say({ dayOrder: dayOrder as ImportForm["dayOrder"] })}
              />
            )}
            <SameNames names={read.sameNames} onSay={(key, id) => say({ who: { ...form.who, [key]: id } })} />
            <p className="font-medium">
              {read.people.added} new, {read.people.changed} existing,{" "}
              {counted(read.weights, "working weight")}.
              {read.liftColumns.length > 0 && (
                <span className="font-normal text-ink-soft">
                  {" "}
                  Lifts by column: {read.liftColumns.join(", ")}.
                </span>
              )}
            </p>
            <LinesInError
              heads={read.heads}
              errors={read.errors}
              more={read.linesInError - new Set(read.errors.map((e) => e.line)).size}
              onMend={(line, cells) => say({ mended: { ...form.mended, [line]: cells } })}
            />
          </>
        )}
      </div>
      <SheetButtons
        action={out > 0 ? `Import without ${counted(out, "line")}` : "Import"}
        disabled={!isReady || isBusy}
        onAct={take}
      />
    </Sheet>
  );
}
