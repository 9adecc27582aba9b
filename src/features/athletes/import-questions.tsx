"use client";

import { useState } from "react";
import type { LineInError, SameName } from "@/server/athletes/table-reader";
import { Button } from "@/ui/button";
import { LabelledChoice } from "@/ui/choice";

/** In place of an athlete: somebody who is not there yet. */
const NEW = "new";

/** Who is meant by names that are there already. */
export function SameNames({
  names,
  onSay,
}: {
  names: readonly SameName[];
  onSay: (key: string, id: string) => void;
}) {
  if (names.length === 0) return null;
  return (
    <section aria-label="Names that are there already">
      <h3 className="font-semibold">Names that are there already</h3>
      <div className="mt-1 grid max-h-40 gap-x-6 gap-y-2 overflow-y-auto sm:grid-cols-3">
        {names.map(({ key, name, options, chosen }) => (
          <LabelledChoice
            key={key}
            label={name}
            value={chosen ?? ""}
            placeholder="Say who is meant"
            groups={[
              {
                options: [
                  ...options.map((o) => ({
                    value: o.id,
                    label: `The one of ${o.group}`,
                    ...(o.archived && { note: "Archived" }),
                  })),
                  { value: NEW, label: "Somebody new" },
                ],
              },
            ]}
            onChange={(id) => onSay(key, id)}
          />
        ))}
      </div>
    </section>
  );
}

/** Lines that cannot be taken in: they are mended here, or stay out. */
export function LinesInError({
  heads,
  errors,
  more,
  onMend,
}: {
  heads: readonly string[];
  errors: readonly LineInError[];
  /** How many lines in error are not among these. */
  more: number;
  onMend: (line: number, cells: string[]) => void;
}) {
  if (errors.length === 0) return null;
  const lines = [...new Map(errors.map((e) => [e.line, e.cells]))];
  return (
    <section aria-label="Errors" className="bg-ochre-wash px-3 py-2">
      <h3 className="font-semibold">Lines that cannot be read: mend them, or they stay out</h3>
      <ul className="mt-1 max-h-64 space-y-2 overflow-y-auto">
        {lines.map(([line, cells]) => (
          <li key={line}>
            {errors
              .filter((e) => e.line === line)
              .map((e) => (
                <p key={e.message}>
                  <span className="font-semibold">Line {line}:</span> {e.message}
                </p>
              ))}
            {line > 1 && (
              <Mend key={cells.join()} {...{ line, heads, cells }} onMend={(to) => onMend(line, to)} />
            )}
          </li>
        ))}
      </ul>
      {more > 0 && (
        <p className="mt-2 font-semibold">
          {more} more lines cannot be read: mend the file, or choose other columns.
        </p>
      )}
    </section>
  );
}

function Mend({
  line,
  heads,
  cells,
  onMend,
}: {
  line: number;
  heads: readonly string[];
  cells: readonly string[];
  onMend: (cells: string[]) => void;
}) {
  const [typed, setTyped] = useState(() => heads.map((_, i) => cells[i] ?? ""));
  return (
    <form
      className="mt-1 flex flex-wrap gap-1"
      onSubmit={(e) => {
        e.preventDefault();
        onMend(typed);
      }}
    >
      {heads.map((head, i) => (
        <input
          // biome-ignore lint/suspicious/noArrayIndexKey: a cell is its column's place; heads may be alike
          key={i}
          aria-label={`Line ${line}, ${head || `column ${i + 1}`}`}
          title={head}
          value={typed[i]}
          onChange={(e) => setTyped(typed.with(i, e.target.value))}
          className="min-h-8 w-28 rounded-xs border border-line-strong bg-field px-1.5 text-xs"
        />
      ))}
      <Button type="submit">Mend</Button>
    </form>
  );
}
