"use client";

import { differenceInCalendarWeeks, format, parseISO } from "date-fns";
import { X } from "lucide-react";
import { useState } from "react";
import { useCatalog } from "@/client/catalog";
import { OLD_AFTER_WEEKS } from "@/core/athlete";
import { type Catalog, liftById } from "@/core/catalog";
import { LIMITS } from "@/core/draft";
import { estimateOneRepMax, isPoorEstimate, maximumHistory } from "@/core/strength";
import { counted, formatWeight, parseWeight, type Weight, weightStep } from "@/core/units";
import { WeightStepper } from "@/features/shared/weight-stepper";
import { ok } from "@/lib/result";
import type { AthleteDraft } from "@/server/schemas/athlete";
import { Button, IconButton } from "@/ui/button";
import { type ChoiceGroup, LabelledChoice } from "@/ui/choice";
import { later } from "@/ui/later";
import { Stepper } from "@/ui/stepper";
import { TextField } from "@/ui/text-field";
import { WholeStepper } from "@/ui/whole-stepper";
import type { AthletePart } from "./athlete-part";

const MaximumChart = later(() => import("./maximum-chart").then((m) => m.MaximumChart));

type Row = AthleteDraft["weights"][number];

const weighedLifts = ({ lifts }: Catalog): readonly ChoiceGroup[] => [
  { options: lifts.filter((l) => !l.kind && !l.retired).map((l) => ({ value: l.id, label: l.name })) },
];
const SOURCES: Record<Row["source"], string> = {
  coach: "Coach",
  athlete: "Athlete",
  test: "Test",
  file: "File",
};
/** Entries of a lift's history that are shown before the coach asks for more. */
const SHOWN = 8;

/** From so many days on the maxima are drawn. */
const LEAST_POINTS = 3;

/** What a new working weight is entered as. */
const FIRST_SETS = { reps: 5, sets: 3, rir: 2, kind: "working", source: "coach" } as const;

/** What a lift is called; one that is no longer in the library by its id. */
function useLiftName(): (id: string) => string {
  const catalog = useCatalog();
  return (id) => liftById(catalog, id)?.name ?? id;
}

/** Working weights and maxima with their history, the newest of each lift first; an old one is marked. */
export function WeightsOnRecord({ athlete, set, day }: AthletePart & { day: string }) {
  const catalog = useCatalog();
  const liftName = useLiftName();
  const [adding, setAdding] = useState<string | null>(null);
  const { weights, unit } = athlete;
  const lifts = [...new Set(weights.map((w) => w.lift))].sort((a, b) =>
    liftName(a).localeCompare(liftName(b)),
  );
  const put = (row: Row) =>
    set({
      weights: [
        row,
        ...weights.filter((w) => w.lift !== row.lift || w.day !== row.day || w.kind !== row.kind),
      ],
    });
  return (
    <section aria-label="Working weights">
      <h2 className="section-title">Working weights</h2>
      <p className="text-2xs text-ink-soft">
        Warm-ups use the newest weight of each lift. What you enter now is dated today.
      </p>
      {lifts.length === 0 && (
        <p className="mt-3 text-ink-soft">
          None yet. A lift without one gets its drills, but no ramp-up sets.
        </p>
      )}
      {lifts.map((lift) => (
        <LiftRecord
          key={lift}
          lift={lift}
          rows={weights.filter((w) => w.lift === lift)}
          {...{ unit, day, put }}
          onTakeOut={(row) => set({ weights: weights.filter((o) => o !== row) })}
        />
      ))}
      <div className="mt-5 border-t border-line pt-3">
        {adding === null ? (
          <LabelledChoice
            label="Add lift"
            value=""
            placeholder="Choose"
            groups={weighedLifts(catalog)}
            onChange={setAdding}
          />
        ) : (
          <TextField
            className="max-w-56"
            label={`${liftName(adding)}: working weight, ${unit}`}
            value=""
            format={String}
            parse={(text) => {
              const parsed = parseWeight(text);
              return parsed.ok ? ok(text) : parsed;
            }}
            onChange={(text) => {
              const parsed = parseWeight(text);
              if (parsed.ok) put({ lift: adding, day, ...FIRST_SETS, weight: parsed.value });
              setAdding(null);
            }}
            note="Press Enter to add it as 3 × 5 with 2 reps in reserve. You can change that afterwards."
          />
        )}
        {adding !== null && (
          <Button look="bare" className="-ml-3" onClick={() => setAdding(null)}>
            Cancel
          </Button>
        )}
      </div>
    </section>
  );
}

/** What is on record of one lift: the newest to be changed, then its history. */
function LiftRecord({
  lift,
  rows,
  unit,
  day,
  put,
  onTakeOut,
}: {
  lift: string;
  rows: readonly Row[];
  unit: AthleteDraft["unit"];
  day: string;
  put: (row: Row) => void;
  onTakeOut: (row: Row) => void;
}) {
  const liftName = useLiftName();
  const [all, setAll] = useState(false);
  const history = rows.toSorted((a, b) => b.day.localeCompare(a.day) || a.kind.localeCompare(b.kind));
  const working = history.find((w) => w.kind === "working");
  const max = history.find((w) => w.kind === "max");
  const maxima = maximumHistory(rows);
  const weeks = differenceInCalendarWeeks(parseISO(day), parseISO(history[0]!.day));
  const shown = all ? history : history.slice(0, SHOWN);
  return (
    <div className="mt-4 border-t border-line pt-2">
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <h3 className="text-base font-bold tracking-tight">{liftName(lift)}</h3>
        {weeks > OLD_AFTER_WEEKS && <span className="font-semibold text-ochre-deep">{weeks} weeks old</span>}
      </div>
      {working && <WeightRow row={working} unit={unit} onChange={(to) => put({ ...working, ...to, day })} />}
      <Maximum
        working={working}
        max={max}
        unit={unit}
        onChange={(to) =>
          put({ lift, day, kind: "max", weight: to, reps: 1, sets: 1, rir: 0, source: max?.source ?? "test" })
        }
      />
      {maxima.length >= LEAST_POINTS && <MaximumChart history={maxima} unit={unit} name={liftName(lift)} />}
      <ul className="mt-1 text-ink-soft">
        {shown.map((w) => (
          <li key={`${w.day} ${w.kind}`} className="flex min-h-7 items-center gap-3">
            <span className="w-24">{format(parseISO(w.day), "d MMM yyyy")}</span>
            <span className="condensed text-sm">
              {w.kind === "max" ? "1RM " : `${w.sets} × ${w.reps} × `}
              {formatWeight(w.weight)} {unit}
              {w.kind === "working" && w.rir > 0 && `, ${counted(w.rir, "rep")} in reserve`}
            </span>
            <span className="condensed text-ink-faint">{SOURCES[w.source].toLowerCase()}</span>
            <IconButton
              className="ml-auto"
              label={`Delete ${liftName(lift)} of ${format(parseISO(w.day), "d MMM yyyy")}`}
              onClick={() => onTakeOut(w)}
            >
              <X aria-hidden className="size-4" />
            </IconButton>
          </li>
        ))}
      </ul>
      {history.length > SHOWN && (
        <Button look="bare" className="-ml-3" onClick={() => setAll(!all)}>
          {all ? "Show fewer" : `${history.length - SHOWN} older`}
        </Button>
      )}
    </div>
  );
}

/** The one-repetition maximum: on record, or estimated from the working sets. */
function Maximum({
  working,
  max,
  unit,
  onChange,
}: {
  working: Row | undefined;
  max: Row | undefined;
  unit: AthleteDraft["unit"];
  onChange: (to: Weight) => void;
}) {
  const step = weightStep(unit);
  const isOverdue = max && working && working.day > max.day;
  const toFailure = working ? working.reps + working.rir : 0;
  const estimate = working && estimateOneRepMax(working.weight, toFailure);
  const rounded = estimate === undefined ? undefined : ((Math.round(estimate / 500) * 500) as Weight);
  return (
    <div className="mt-1 flex flex-wrap items-end gap-x-5">
      <Stepper<Weight | null>
        label="1RM"
        value={max?.weight ?? null}
        format={(w) => (w === null ? "" : formatWeight(w))}
        parse={parseWeight}
        next={(w, direction) => {
          const from = w ?? rounded;
          if (from === undefined) return null;
          const to = w === null ? from : from + direction * step;
          return to > 0 ? (to as Weight) : null;
        }}
        onChange={(w) => w !== null && onChange(w)}
        placeholder={rounded === undefined ? "not known" : `about ${formatWeight(rounded)}`}
        suffix={max ? unit : undefined}
        width={max ? "6ch" : "10ch"}
      />
      <span className="pb-1 text-2xs text-ink-soft">
        {max
          ? isOverdue && "Older than the working weight: percentages go by the newer one."
          : rounded !== undefined &&
            (isPoorEstimate(toFailure) ? "A poor estimate, from many repetitions." : "Estimated.")}
      </span>
    </div>
  );
}

function WeightRow({
  row,
  unit,
  onChange,
}: {
  row: AthleteDraft["weights"][number];
  unit: AthleteDraft["unit"];
  onChange: (to: Partial<AthleteDraft["weights"][number]>) => void;
}) {
  const name = useLiftName()(row.lift);
  const whole = (label: string, key: "sets" | "reps" | "rir") => (
    <WholeStepper
      label={label}
      value={row[key]}
      range={LIMITS[key]}
      onChange={(n) => onChange({ [key]: n })}
    />
  );
  return (
    <fieldset className="mt-1 flex flex-wrap gap-x-5 gap-y-2">
      <legend className="sr-only">{name}, as of today</legend>
      <WeightStepper
        label="Weight"
        value={row.weight}
        unit={unit}
        onChange={(to) => onChange({ weight: to })}
        width="6ch"
      />
      {whole("Sets", "sets")}
      {whole("Reps", "reps")}
      {whole("Reps in reserve", "rir")}
      <LabelledChoice
        label="Source"
        value={row.source}
        groups={[{ options: Object.entries(SOURCES).map(([value, label]) => ({ value, label })) }]}
        onChange={(source) => onChange({ source: source as Row["source"] })}
      />
    </fieldset>
  );
}
