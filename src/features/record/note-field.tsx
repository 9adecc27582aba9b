"use client";

import { ok } from "@/lib/result";
import type { RecordOfAthlete } from "@/server/record/open-record";
import { TextField } from "@/ui/text-field";
import { useRecord } from "./use-record";

/** Notes on an athlete in a session, and another one. */
export function NoteField({ sessionId, of }: { sessionId: string; of: RecordOfAthlete }) {
  const { change } = useRecord(sessionId, of.athlete);
  return (
    <section aria-label={`Notes on ${of.name}`}>
      <h2 className="section-title mb-1">Notes</h2>
      <ul>
        {of.notes.map((text, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: notes are only added
          <li key={i} className="border-t border-line py-1">
            {text}
          </li>
        ))}
      </ul>
      <TextField
        key={of.notes.length}
        label="Add a note"
        value=""
        format={String}
        parse={(text) => ok(text.trim().slice(0, 500))}
        onChange={(text) => text && change({ kind: "note", text })}
      />
    </section>
  );
}
