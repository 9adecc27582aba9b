"use client";

import { useRouter } from "next/navigation";
import { useId, useState } from "react";
import { counted } from "@/core/units";
import type { BundleChange, BundleLook } from "@/server/files/bundle";
import type { BundlePart } from "@/server/schemas/bundle";
import { Button } from "@/ui/button";
import { Link } from "@/ui/link";

const PART_NAMES: Record<BundlePart, string> = {
  library: "Custom drills, lifts and approaches",
  gyms: "Gyms",
  groups: "Groups",
  athletes: "Athletes",
  templates: "Templates",
  sessions: "Sessions",
  records: "Tests, trials and follow-ups",
  floors: "What was done in sessions",
  preferences: "Preferences",
};
/** Names of what would change that are listed before the rest are counted. */
const NAMED = 8;

type State =
  | { kind: "empty" }
  | { kind: "busy" }
  | { kind: "refused"; faults: readonly string[] }
  | { kind: "looked"; file: File; look: BundleLook }
  | { kind: "taken" };

type Answer<T> = { kind: "done"; value: T } | { kind: "refused"; faults: readonly string[] };

async function send<T>(what: "look" | "take", file: File): Promise<Answer<T>> {
  try {
    const response = await fetch(`/import/bundle?do=${what}`, { method: "POST", body: file });
    return (await response.json()) as Answer<T>;
  } catch {
    return { kind: "refused", faults: ["The server did not answer. Nothing was stored: try again."] };
  }
}

/** Takes a bundle in: looked at first, stored when the coach says so, taken back if it was the wrong one. */
export function BundleImport() {
  const id = useId();
  const router = useRouter();
  const [state, setState] = useState<State>({ kind: "empty" });

  const look = async (file: File | undefined) => {
    if (!file) return;
    setState({ kind: "busy" });
    const answer = await send<BundleLook>("look", file);
    setState(answer.kind === "done" ? { kind: "looked", file, look: answer.value } : answer);
  };
  const take = async (file: File) => {
    setState({ kind: "busy" });
    const answer = await send<unknown>("take", file);
    setState(answer.kind === "done" ? { kind: "taken" } : answer);
    router.refresh();
  };

  return (
    <section aria-label="Import">
      <h2 className="section-title mb-1">Import</h2>
      <div className="border-t border-line pt-2.5">
        <label htmlFor={`${id}-file`} className="block text-sm font-semibold">
          Full backup or pack
        </label>
        <p id={`${id}-note`} className="mb-2 text-ink-soft">
          New things are added, existing ones are replaced by those in the file, everything else stays.
          Nothing is saved until you confirm.
        </p>
        <input
          id={`${id}-file`}
          type="file"
          accept=".json,application/json"
          aria-describedby={`${id}-note`}
          onChange={(e) => void look(e.target.files?.[0])}
          className="block min-h-9 w-full text-sm file:mr-3 file:min-h-8 file:rounded-sm file:border file:border-line-strong file:bg-field file:px-3 file:font-semibold"
        />
      </div>
      <div role="status" className="mt-4">
        {state.kind === "busy" && <p className="text-ink-soft">Loading</p>}
        {state.kind === "refused" && (
          <div role="alert" className="border-l-4 border-ember pl-3">
            <p className="font-semibold text-ember">It could not be imported. Nothing was saved.</p>
            <ul>
              {state.faults.map((f) => (
                <li key={f}>{f}</li>
              ))}
            </ul>
          </div>
        )}
        {state.kind === "looked" && (
          <>
            <Changes changes={state.look.changes} />
            {state.look.unreadable > 0 && (
              <p className="mt-2">
                {counted(state.look.unreadable, "thing")} in it could not be read when it was exported, and
                will not be imported.
              </p>
            )}
            <div className="mt-4 flex gap-3">
              <Button look="main" onClick={() => void take(state.file)}>
                Import
              </Button>
              <Button onClick={() => setState({ kind: "empty" })}>Cancel</Button>
            </div>
          </>
        )}
        {state.kind === "taken" && <p>Imported. You can undo it below.</p>}
      </div>
      <p className="mt-8 border-t border-line pt-2.5 text-ink-soft">
        Import athletes and working weights from a table (CSV or Excel) on{" "}
        <Link
          href="/athletes"
          className="font-semibold text-ink underline underline-offset-4 hover:text-ember"
        >
          the athletes' page
        </Link>
        .
      </p>
    </section>
  );
}

function Changes({ changes }: { changes: readonly BundleChange[] }) {
  return (
    <table className="w-full border-collapse">
      <caption className="pb-1 text-left font-semibold">What the import would do</caption>
      <thead>
        <tr className="border-b border-ink text-left text-xs text-ink-soft">
          <th className="py-1 pr-3 font-semibold">What</th>
          <th className="py-1 pr-3 text-right font-semibold">New</th>
          <th className="py-1 pr-3 text-right font-semibold">Unchanged</th>
          <th className="py-1 pl-4 font-semibold">Changed</th>
        </tr>
      </thead>
      <tbody>
        {changes.map(({ part, added, same, changed }) => (
          <tr key={part} className="border-b border-line align-baseline">
            <th scope="row" className="py-1 pr-3 text-left font-medium">
              {PART_NAMES[part]}
            </th>
            <td className="condensed py-1 pr-3 text-right text-sm">{added}</td>
            <td className="condensed py-1 pr-3 text-right text-sm">{same}</td>
            <td className="py-1 pl-4">
              {changed.length === 0
                ? "none"
                : `${changed.slice(0, NAMED).join("; ")}${changed.length > NAMED ? ` and ${changed.length - NAMED} more` : ""}`}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
