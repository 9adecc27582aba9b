"use client";

import { useState } from "react";
import {
  type Dose,
  type DoseRange,
  doseOfFormat,
  eachWay,
  FORMAT_LIMITS,
  type FormatKind,
  formatFault,
  formatKindsFor,
  isSteady,
  type OwnDose,
  SIGN_IDS,
  SIGNS,
  type SignId,
  startFormat,
  VARIANT_KINDS,
  VARIANTS,
  type VariantKind,
  type WorkFormat,
} from "@/core/dose";
import { LabelledChoice, OptionalChoice } from "@/ui/choice";
import { SecondsStepper } from "@/ui/seconds-stepper";
import { WholeStepper } from "@/ui/whole-stepper";
import { WayList } from "./way-list";

const AMOUNT_NAMES: Record<Dose["kind"], { label: string; suffix: string }> = {
  reps: { label: "Reps", suffix: "" },
  hold: { label: "Hold", suffix: "s" },
  contractions: { label: "Contractions", suffix: "" },
  breaths: { label: "Breaths", suffix: "" },
  time: { label: "Time", suffix: "s" },
  metres: { label: "Distance", suffix: "m" },
};

const SETS = "sets";
const FORMAT_NAMES: Record<FormatKind | typeof SETS, { label: string; note: string }> = {
  sets: { label: "Sets", note: "the same, so many times" },
  interval: { label: "Interval", note: "seconds on and off" },
  variants: { label: "Variants", note: "each round in another way" },
  pieces: { label: "In pieces", note: "time gathered bit by bit" },
  surges: { label: "With surges", note: "short brisk ones, easy between" },
};
const SIGN_GROUP = [{ options: SIGN_IDS.map((id) => ({ value: id, label: SIGNS[id] })) }];

/** How much of a drill is done, in which format, and by which sign it ends. */
export function DoseFields({
  range,
  dose,
  rounds,
  mostSeconds,
  onDose,
}: {
  range: DoseRange;
  dose: Dose;
  /** How often its circuit goes round; there the rounds are the sets. */
  rounds: number;
  /** What it may take at most. */
  mostSeconds: number;
  onDose: (dose: OwnDose) => void;
}) {
  const [fault, setFault] = useState<string | null>(null);
  const { format, until, sets, amount } = dose;
  const give = (next: OwnDose) => {
    setFault(null);
    onDose(until ? { ...next, until } : next);
  };
  const change = (next: WorkFormat) => {
    const found = formatFault(next, mostSeconds);
    if (found) setFault(found.message);
    else give(doseOfFormat(next));
  };
  const choose = (kind: FormatKind | typeof SETS) => {
    const [, usualSets] = range.sets;
    const [, usual] = range.amount;
    if (kind === SETS) give({ sets: usualSets, amount: usual });
    else change(startFormat(kind, range, dose));
  };
  const kinds = [SETS, ...formatKindsFor(range)] as const;
  return (
    <div className="space-y-2">
      <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
        <LabelledChoice
          label="Work"
          value={format?.kind ?? SETS}
          groups={[{ options: kinds.map((value) => ({ value, ...FORMAT_NAMES[value] })) }]}
          onChange={(kind) => choose(kind as FormatKind | typeof SETS)}
        />
        {format ? (
          <FormatFields format={format} range={range} onChange={change} />
        ) : (
          <SetFields range={range} dose={dose} rounds={rounds} onDose={give} />
        )}
        {isSteady(range) && (
          <OptionalChoice
            label="Ends"
            none="by the clock"
            value={until ?? null}
            groups={SIGN_GROUP}
            onChange={(sign) => {
              const now = { sets, amount, ...(format && { format }) };
              onDose(sign ? { ...now, until: sign as SignId } : now);
            }}
          />
        )}
      </div>
      {fault && (
        <p role="alert" className="text-xs font-semibold text-ember">
          {fault}
        </p>
      )}
    </div>
  );
}

function SetFields({
  range,
  dose,
  rounds,
  onDose,
}: {
  range: DoseRange;
  dose: Dose;
  rounds: number;
  onDose: (dose: OwnDose) => void;
}) {
  const { label, suffix } = AMOUNT_NAMES[dose.kind];
  const [low, , high] = range.amount;
  return (
    <>
      {rounds === 1 && (
        <WholeStepper
          label="Sets"
          value={dose.sets}
          range={[range.sets[0], Math.max(dose.sets, range.sets[2])]}
          onChange={(sets) => onDose({ sets, amount: dose.amount })}
        />
      )}
      <WholeStepper
        label={label}
        value={dose.amount}
        range={[low, high]}
        step={range.step}
        onChange={(amount) => onDose({ sets: dose.sets, amount })}
        suffix={suffix}
        width="3.5ch"
      />
      <span className="pb-1 text-ink-soft">{eachWay(dose).trim()}</span>
    </>
  );
}

function FormatFields({
  format,
  range,
  onChange,
}: {
  format: WorkFormat;
  range: DoseRange;
  onChange: (format: WorkFormat) => void;
}) {
  switch (format.kind) {
    case "interval":
      return (
        <>
          <SecondsStepper
            label="On"
            value={format.on}
            range={FORMAT_LIMITS.on}
            onChange={(on) => onChange({ ...format, on })}
          />
          <SecondsStepper
            label="Off"
            value={format.off}
            range={FORMAT_LIMITS.off}
            onChange={(off) => onChange({ ...format, off })}
          />
          <WholeStepper
            label="Times"
            value={format.times}
            range={FORMAT_LIMITS.times}
            onChange={(times) => onChange({ ...format, times })}
          />
          {range.sides === 2 && <span className="pb-1 text-ink-soft">sides in turns</span>}
        </>
      );
    case "surges":
      return (
        <>
          <SecondsStepper
            label="In all"
            value={format.seconds}
            range={FORMAT_LIMITS.seconds}
            step={30}
            onChange={(seconds) => onChange({ ...format, seconds })}
          />
          <WholeStepper
            label="Surges"
            value={format.surges}
            range={FORMAT_LIMITS.surges}
            onChange={(surges) => onChange({ ...format, surges })}
          />
          <SecondsStepper
            label="Brisk"
            value={format.on}
            range={FORMAT_LIMITS.on}
            onChange={(on) => onChange({ ...format, on })}
          />
          <SecondsStepper
            label="Easy after"
            value={format.off}
            range={FORMAT_LIMITS.off}
            onChange={(off) => onChange({ ...format, off })}
          />
        </>
      );
    case "pieces":
      return (
        <>
          <SecondsStepper
            label="In all"
            value={format.seconds}
            range={FORMAT_LIMITS.seconds}
            step={15}
            onChange={(seconds) => onChange({ ...format, seconds })}
          />
          <WayList
            name="Piece"
            ways={format.pieces}
            suggestions={["weight on one thigh", "on the other", "on both"]}
            most={FORMAT_LIMITS.pieces[1]}
            placeholder="as before"
            onChange={(pieces) => onChange({ ...format, pieces })}
          />
        </>
      );
    case "variants": {
      const { label, suffix } = AMOUNT_NAMES[range.kind];
      const [low, , high] = range.amount;
      return (
        <>
          <WholeStepper
            label={label}
            value={format.amount}
            range={[Math.min(low, format.amount), Math.max(high, format.amount)]}
            step={range.step}
            suffix={suffix}
            onChange={(amount) => onChange({ ...format, amount })}
          />
          <LabelledChoice
            label="Differ by"
            value={format.by}
            groups={[{ options: VARIANT_KINDS.map((k) => ({ value: k, label: VARIANTS[k].name })) }]}
            onChange={(by) => {
              const ways = VARIANTS[by as VariantKind].ways.slice(0, Math.max(2, format.ways.length));
              onChange({ ...format, by: by as VariantKind, ways });
            }}
          />
          <WayList
            name="Round"
            ways={format.ways}
            suggestions={VARIANTS[format.by].ways}
            most={FORMAT_LIMITS.ways[1]}
            onChange={(ways) => onChange({ ...format, ways })}
          />
        </>
      );
    }
  }
}
