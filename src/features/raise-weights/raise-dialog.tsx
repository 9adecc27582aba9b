"use client";

import { ArrowRight } from "lucide-react";
import { type RefObject, useState } from "react";
import { useCatalog } from "@/client/catalog";
import { useData } from "@/client/data";
import { useAsk } from "@/client/use-ask";
import { knownLift } from "@/core/catalog";
import { RAISE_LIMITS, type Raise, raisedWeight } from "@/core/strength";
import { counted, formatWeight, formatWeightWithUnit, weightStep } from "@/core/units";
import { toastUndo } from "@/features/recent-changes/toast-undo";
import { raiseWeightsAction } from "@/server/actions/athletes";
import type { WeightsOf } from "@/server/athletes/raise-weights";
import { LabelledChoice } from "@/ui/choice";
import { Sheet, SheetButtons } from "@/ui/sheet";
import { Stepper } from "@/ui/stepper";
import { parseNumber, stepWhole } from "@/ui/whole-number";
import { WholeStepper } from "@/ui/whole-stepper";

/** Where the last raise is kept in the browser. */
const LAST_RAISE = "iron-step raise";
const USUAL: Raise = { kind: "steps", steps: 1 };
const EVERY = "every";
const PERCENT_STEP = 2.5;

function lastRaise(): Raise {
  try {
    const kept = JSON.parse(localStorage.getItem(LAST_RAISE) ?? "null") as Raise | null;
    if (kept?.kind === "steps" && Number.isInteger(kept.steps)) return kept;
    return kept?.kind === "percent" && Number.isFinite(kept.percent) ? kept : USUAL;
  } catch {
    return USUAL;
  }
}

/** Changes the working weights of several athletes at once, by steps or by a share, and shows whose before it does. */
export function RaiseDialog({
  athleteIds,
  lifts,
  open,
  onOpenChange,
  home,
  onDone,
}: {
  athleteIds: readonly string[];
  /** The lifts to choose from; absent: all that they have a working weight of. */
  lifts?: readonly string[];
  open: boolean;
  onOpenChange: (open: boolean) => void;
  home?: RefObject<HTMLElement | null>;
  onDone: () => void;
}) {
  return (
    <Sheet title="Change working weights" open={open} onOpenChange={onOpenChange} home={home}>
      <RaiseForm
        {...{ athleteIds, lifts }}
        onDone={() => {
          onOpenChange(false);
          onDone();
        }}
      />
    </Sheet>
  );
}

function RaiseForm({
  athleteIds,
  lifts,
  onDone,
}: {
  athleteIds: readonly string[];
  lifts: readonly string[] | undefined;
  onDone: () => void;
}) {
  const catalog = useCatalog();
  const { data } = useData<WeightsOf[]>(`working-weights?of=${athleteIds.map(encodeURIComponent).join(",")}`);
  const people = data ?? [];
  const [by, setBy] = useState<Raise>(lastRaise);
  const [lift, setLift] = useState(EVERY);
  const [message, setMessage] = useState<string | null>(null);
  const ask = useAsk();
  const known = [...new Set(people.flatMap((p) => p.weights.map((w) => w.lift)))]
    .filter((id) => lifts?.includes(id) ?? true)
    .sort((a, b) => knownLift(catalog, a).name.localeCompare(knownLift(catalog, b).name));
  const chosen = lift === EVERY ? known : [lift];
  const rows = people.flatMap((p) =>
    p.weights
      .filter((w) => chosen.includes(w.lift))
      .map((w) => ({ ...p, ...w, to: raisedWeight(w.weight, p.unit, by) })),
  );
  const without = people.filter((p) => !p.weights.some((w) => chosen.includes(w.lift)));
  const moved = rows.filter((r) => r.to !== null && r.to !== r.weight);
  const units = [...new Set(people.map((p) => p.unit))];
  const raise = async () => {
    localStorage.setItem(LAST_RAISE, JSON.stringify(by));
    const outcome = await ask(raiseWeightsAction, { athleteIds: [...athleteIds], lifts: [...chosen], by });
    if (outcome.kind === "refused") return setMessage(outcome.message);
    onDone();
    toastUndo(`${outcome.what}.`, outcome.token, onDone);
  };
  return (
    <>
      <div className="flex flex-wrap items-end gap-x-6 gap-y-3">
        <LabelledChoice
          label="Lift"
          value={lift}
          groups={[
            {
              options: [
                { value: EVERY, label: lifts ? "All of this session" : "All lifts" },
                ...known.map((id) => ({ value: id, label: knownLift(catalog, id).name })),
              ],
            },
          ]}
          onChange={setLift}
        />
        <LabelledChoice
          label="By"
          value={by.kind}
          groups={[
            {
              options: [
                {
                  value: "steps",
                  label: `Steps of ${units.map((u) => formatWeightWithUnit(weightStep(u), u)).join(" or ")}`,
                },
                { value: "percent", label: "Per cent, rounded down" },
              ],
            },
          ]}
          onChange={(kind) => setBy(kind === "steps" ? USUAL : { kind: "percent", percent: PERCENT_STEP })}
        />
        {by.kind === "steps" ? (
          <WholeStepper
            label="Steps"
            value={by.steps}
            range={RAISE_LIMITS.steps}
            onChange={(steps) => setBy({ kind: "steps", steps })}
          />
        ) : (
          <Stepper
            label="Per cent"
            value={by.percent}
            format={String}
            parse={parseNumber(...RAISE_LIMITS.percent)}
            next={stepWhole(...RAISE_LIMITS.percent, PERCENT_STEP)}
            onChange={(percent) => setBy({ kind: "percent", percent })}
            suffix="%"
            width="4ch"
          />
        )}
      </div>
      <section
        className="mt-4 max-h-[40dvh] overflow-y-auto border-t border-line"
        // biome-ignore lint/a11y/noNoninteractiveTabindex: a scrolling region must take the focus
        tabIndex={0}
        aria-label="Whose weights"
      >
        <table className="w-full">
          <tbody>
            {rows.map((r) => (
              <tr key={`${r.id} ${r.lift}`} className="border-b border-line">
                <th scope="row" className="py-1 pr-3 text-left font-semibold">
                  {r.name}
                </th>
                <td className="py-1 pr-3 text-ink-soft">{knownLift(catalog, r.lift).name}</td>
                <td className="condensed py-1 text-right whitespace-nowrap">
                  {formatWeight(r.weight)}
                  <ArrowRight aria-hidden className="mx-1 inline size-3.5 text-ink-faint" />
                  <span className="sr-only"> to </span>
                  <b>{r.to === null ? "nothing left" : formatWeightWithUnit(r.to, r.unit)}</b>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
      {without.length > 0 && rows.length > 0 && (
        <p className="mt-2 text-xs text-ink-soft">
          No working weight: {without.map((p) => p.name).join(", ")}.
        </p>
      )}
      <p role="status" className="mt-2 min-h-5 font-semibold">
        {message ??
          (moved.length === 0
            ? "Nothing would change."
            : `${counted(moved.length, "working weight")} from today on. The history keeps what they were.`)}
      </p>
      <SheetButtons action="Change" disabled={moved.length === 0} onAct={() => void raise()} />
    </>
  );
}
