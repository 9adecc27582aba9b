"use client";

import { ArrowDown, ArrowRightLeft, ArrowUp, Pin, PinOff, RotateCcw, Trash2 } from "lucide-react";
import { useMemo } from "react";
import { EQUIPMENT, kitInUse, PHASE_NAMES } from "@/core/catalog";
import { type Dose, type DoseRange, formatDose } from "@/core/dose";
import { type LiftPlan, type PlanStep, substitutesFor } from "@/core/plan";
import { isBarKit } from "@/core/plates";
import { describeLoad, RAMP_STYLE_IDS, RAMP_STYLES, type RampSet } from "@/core/ramp";
import { fail } from "@/core/result";
import { formatSeconds, formatWeight, parseWeight, type Weight } from "@/core/units";
import { type GymKit, isOwnRamp, type WarmUpDraft, type WarmUpEdit } from "@/core/warm-up";
import { Button } from "@/ui/button";
import { Choice, type ChoiceGroup } from "@/ui/choice";
import { PlateStrip } from "@/ui/plate-strip";
import { Stepper } from "@/ui/stepper";
import { parseWhole, stepWhole } from "@/ui/whole-number";
import { BackOffs } from "./back-offs";
import type { Chosen } from "./selection";
import { shiftStep } from "./shift-step";

interface PanelProps {
  plan: LiftPlan;
  draft: WarmUpDraft;
  gym: GymKit;
  weights: readonly Weight[];
  onChoose: (chosen: Chosen) => void;
  onEdit: (edit: WarmUpEdit) => void;
}

/** Why what is chosen is in the plan, how it is done, how much of it, and what else would do. */
export function WhyPanel({ chosen, ...props }: PanelProps & { chosen: Chosen }) {
  const { plan } = props;
  const step = chosen.kind === "drill" && plan.steps.find((s) => s.drill.id === chosen.drill);
  if (step) return <DrillPanel step={step} {...props} />;
  const set = chosen.kind === "set" && plan.ramps[0]?.sets[chosen.set];
  if (set && chosen.kind === "set") return <SetPanel set={set} index={chosen.set} {...props} />;
  if (plan.ramps[0]) return <WorkPanel {...props} />;
  return <p className="text-ink-soft">Choose a step to see why it is there.</p>;
}

const AMOUNT_NAMES: Record<Dose["kind"], { label: string; suffix: string }> = {
  reps: { label: "Reps", suffix: "" },
  hold: { label: "Hold", suffix: "s" },
  contractions: { label: "Contractions", suffix: "" },
  breaths: { label: "Breaths", suffix: "" },
  time: { label: "Time", suffix: "s" },
  metres: { label: "Distance", suffix: "m" },
};

function DoseSteppers({
  range,
  dose,
  rounds,
  onDose,
}: {
  range: DoseRange;
  dose: Dose;
  /** How often its circuit goes round; there the rounds are the sets. */
  rounds: number;
  onDose: (dose: { sets: number; amount: number }) => void;
}) {
  const { label, suffix } = AMOUNT_NAMES[dose.kind];
  const [low, , high] = range.amount;
  const ways = [dose.sides === 2 ? "side" : "", dose.directions === 2 ? "direction" : ""].filter(Boolean);
  return (
    <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
      {rounds > 1 ? (
        <span className="flex flex-col">
          <span className="condensed text-2xs text-ink-faint">Rounds</span>
          <span className="min-h-6 text-sm font-bold">{rounds}</span>
        </span>
      ) : (
        <Stepper
          label="Sets"
          value={dose.sets}
          format={String}
          parse={parseWhole(range.sets[0], range.sets[2])}
          next={stepWhole(range.sets[0], range.sets[2])}
          onChange={(sets) => onDose({ sets, amount: dose.amount })}
        />
      )}
      <Stepper
        label={label}
        value={dose.amount}
        format={String}
        parse={parseWhole(low, high)}
        next={stepWhole(low, high, range.step)}
        onChange={(amount) => onDose({ sets: dose.sets, amount })}
        suffix={suffix}
        width="3.5ch"
      />
      <span className="pb-1 text-ink-soft">{ways.length > 0 && `each ${ways.join(" and ")}`}</span>
    </div>
  );
}

function DrillPanel({ step, plan, gym, onChoose, onEdit }: PanelProps & { step: PlanStep }) {
  const { drill, dose } = step;
  const substitutes = useMemo(() => substitutesFor(plan, drill.id), [plan, drill.id]);
  const kit = kitInUse(drill.equipment, gym.equipment);
  return (
    <div className="space-y-4">
      <header>
        <h2 className="text-lg leading-tight font-bold tracking-tight">{drill.name}</h2>
        <p className="condensed text-ink-faint">
          {PHASE_NAMES[step.phase]} · {formatDose(dose)} · {formatSeconds(step.seconds)}
          {kit.length > 0 && ` · ${kit.map((k) => EQUIPMENT[k].toLowerCase()).join(", ")}`}
        </p>
      </header>
      <p className="text-sm leading-snug font-medium">{step.reason}</p>
      <DoseSteppers
        range={drill.dose}
        dose={dose}
        rounds={step.rounds}
        onDose={(next) => onEdit({ kind: "pin", drill: drill.id, block: plan.block, dose: next })}
      />
      <div className="flex flex-wrap gap-2">
        <Button
          onClick={() =>
            onEdit(
              step.pinned
                ? { kind: "unpin", drill: drill.id }
                : {
                    kind: "pin",
                    drill: drill.id,
                    block: plan.block,
                    dose: { sets: dose.sets, amount: dose.amount },
                  },
            )
          }
        >
          {step.pinned ? <PinOff aria-hidden className="size-4" /> : <Pin aria-hidden className="size-4" />}
          {step.pinned ? "Let go" : "Keep"}
        </Button>
        <Button onClick={() => onEdit({ kind: "drop", drill: drill.id })}>
          <Trash2 aria-hidden className="size-4" />
          Drop
        </Button>
        {([-1, 1] as const).map((direction) => {
          const edit = shiftStep(plan, step, direction);
          const Arrow = direction < 0 ? ArrowUp : ArrowDown;
          return (
            <Button key={direction} disabled={!edit} onClick={() => edit && onEdit(edit)}>
              <Arrow aria-hidden className="size-4" />
              {direction < 0 ? "Earlier" : "Later"}
            </Button>
          );
        })}
      </div>
      <section>
        <h3 className="section-title mb-1">How</h3>
        <p className="text-ink-soft">{drill.how}</p>
        <ul className="mt-1.5 space-y-0.5">
          {drill.cues.map((cue) => (
            <li key={cue} className="flex gap-2">
              <span aria-hidden className="font-bold text-ink-faint">
                +
              </span>
              {cue}
            </li>
          ))}
          {drill.faults.map((fault) => (
            <li key={fault} className="flex gap-2 text-ink-soft">
              <span aria-hidden className="font-bold text-ember">
                –
              </span>
              <span>
                <span className="sr-only">Watch for: </span>
                {fault}
              </span>
            </li>
          ))}
        </ul>
        {drill.caution && <p className="mt-2 bg-ochre-wash px-2 py-1.5">{drill.caution}</p>}
      </section>
      <section>
        <h3 className="section-title mb-1">Considered instead</h3>
        {substitutes.length === 0 && (
          <p className="text-ink-soft">Nothing else here serves the same for this athlete and gym.</p>
        )}
        <ul>
          {substitutes.map((s) => (
            <li key={s.drill.id} className="flex items-center gap-2 border-t border-line py-1">
              <span className="min-w-0 flex-1">
                <span className="block truncate font-medium">{s.drill.name}</span>
                <span className="condensed block truncate text-ink-faint">
                  {s.relation !== "alternative" && `${s.relation === "easier" ? "Easier" : "Harder"} · `}
                  {formatSeconds(s.seconds)}
                  {` · ${s.lost}`}
                </span>
              </span>
              <Button
                look="bare"
                data-swap
                aria-label={`Swap for ${s.drill.name}`}
                onClick={() => {
                  onEdit({ kind: "swap", drill: drill.id, block: plan.block, with: s.drill.id });
                  onChoose({ kind: "drill", drill: s.drill.id });
                }}
              >
                <ArrowRightLeft aria-hidden className="size-4" />
                Swap
              </Button>
            </li>
          ))}
        </ul>
      </section>
    </div>
  );
}

const AS_USUAL = "usual";
const STYLES: readonly ChoiceGroup[] = [
  {
    options: [
      { value: AS_USUAL, label: "By approach", note: "As the approach of this warm-up has it." },
      ...Object.values(RAMP_STYLES).map((s) => ({ value: s.id, label: s.name, note: s.description })),
    ],
  },
];
const STARTS: readonly ChoiceGroup[] = [
  {
    options: [
      { value: AS_USUAL, label: "As usual" },
      { value: "0", label: "Lightest" },
      { value: "0.2", label: "20 %" },
      { value: "0.4", label: "40 %" },
      { value: "0.5", label: "50 %" },
    ],
  },
];

function SetPanel({
  set,
  index,
  plan,
  draft,
  gym,
  weights,
  onEdit,
}: PanelProps & { set: RampSet; index: number }) {
  const ramp = plan.ramps[0]!;
  const sets = ramp.sets.length;
  const above = ramp.sets[index + 1]?.weight ?? ramp.working.weight;
  const below = ramp.sets[index - 1]?.weight ?? 0;
  const free = weights.filter((w) => w > below && w < above);
  const near = (text: string): Weight[] => {
    const parsed = parseWeight(text);
    if (!parsed.ok) return [];
    const options = [free.findLast((w) => w <= parsed.value), free.find((w) => w >= parsed.value)];
    return [...new Set(options.filter((w) => w !== undefined))];
  };
  const lift = draft.lifts[plan.at]!;
  return (
    <div className="space-y-4">
      <header>
        <h2 className="text-lg leading-tight font-bold tracking-tight">
          Ramp set {index + 1} of {sets}
        </h2>
        <p className="condensed text-ink-faint">
          {Math.round(set.fraction * 100)} % of {formatWeight(ramp.working.weight)} {gym.unit}
          {set.notes.length > 0 && ` · ${set.notes.join(", ").toLowerCase()}`}
        </p>
      </header>
      {isBarKit(ramp.kit) && <PlateStrip plates={gym.plates} perSide={set.perSide} scale={0.2} />}
      <p className="text-sm font-medium">{describeLoad(ramp.kit, set, gym.unit)}.</p>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <Stepper
          label="Weight"
          value={set.weight}
          format={formatWeight}
          parse={(text) => {
            const parsed = parseWeight(text);
            if (!parsed.ok || free.includes(parsed.value)) return parsed;
            return fail("What there is does not make it between the sets beside it. Nearest:");
          }}
          suggestions={near}
          next={(w, direction) => free[free.indexOf(w) + direction] ?? null}
          onChange={(weight) => onEdit({ kind: "set-weight", at: plan.at, set: index, weight, sets })}
          suffix={gym.unit}
          width="6ch"
        />
        <Stepper
          label="Reps"
          value={set.reps}
          format={String}
          parse={parseWhole(1, 20)}
          next={stepWhole(1, 20)}
          onChange={(reps) => onEdit({ kind: "set-reps", at: plan.at, set: index, reps, sets })}
        />
        <Stepper
          label="Ramp sets"
          value={sets}
          format={String}
          parse={parseWhole(0, 10)}
          next={stepWhole(0, 10)}
          onChange={(count) => onEdit({ kind: "ramp-sets", at: plan.at, sets: count })}
        />
      </div>
      <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
        <span className="flex flex-col">
          <span className="condensed text-2xs text-ink-faint">Ramp style</span>
          <Choice
            label="Ramp style"
            value={lift.rampStyle ?? AS_USUAL}
            groups={STYLES}
            onChange={(id) =>
              onEdit({
                kind: "ramp-style",
                at: plan.at,
                style: RAMP_STYLE_IDS.find((s) => s === id) ?? null,
              })
            }
            triggerClassName="min-h-6 text-sm font-bold"
          />
        </span>
        <span className="flex flex-col">
          <span className="condensed text-2xs text-ink-faint">Start</span>
          <Choice
            label="Start"
            value={lift.rampStart === null ? AS_USUAL : String(lift.rampStart)}
            groups={STARTS}
            onChange={(start) =>
              onEdit({
                kind: "ramp-start",
                at: plan.at,
                start: start === AS_USUAL ? null : Number(start),
              })
            }
            triggerClassName="min-h-6 text-sm font-bold"
          />
        </span>
      </div>
      {isOwnRamp(lift) && (
        <Button onClick={() => onEdit({ kind: "reset-ramp", at: plan.at })}>
          <RotateCcw aria-hidden className="size-4" />
          Work the ramp out anew
        </Button>
      )}
      <p className="text-ink-soft">
        {set.seconds} s for the set, then {set.restSeconds} s of rest
        {index === sets - 1
          ? " before the first working set."
          : isBarKit(ramp.kit)
            ? " with the plate change."
            : "."}
      </p>
    </div>
  );
}

function WorkPanel({ plan, gym, draft, weights, onEdit }: PanelProps) {
  const ramp = plan.ramps[0]!;
  const { totals, working } = ramp;
  const lift = draft.lifts[plan.at]!;
  return (
    <div className="space-y-4">
      <header>
        <h2 className="text-lg leading-tight font-bold tracking-tight text-ember">First working set</h2>
        <p className="condensed text-ink-faint">
          {lift.sets} × {lift.reps} × {formatWeight(working.weight)} {gym.unit}
        </p>
      </header>
      {isBarKit(ramp.kit) && <PlateStrip plates={gym.plates} perSide={working.perSide} scale={0.2} />}
      <p className="text-sm font-medium">{describeLoad(ramp.kit, working, gym.unit)}.</p>
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1 text-ink-soft">
        <dt>Ramp</dt>
        <dd>{formatSeconds(totals.seconds)}</dd>
        <dt>Reps on the way</dt>
        <dd>
          {totals.reps}, of them {totals.repsAt85} at 85 % or more
        </dd>
        {isBarKit(ramp.kit) && (
          <>
            <dt>Plates moved</dt>
            <dd>{totals.moves} on each side</dd>
          </>
        )}
      </dl>
      <BackOffs lift={lift} at={plan.at} weights={weights} unit={gym.unit} onEdit={onEdit} />
    </div>
  );
}
