"use client";

import type { DraftLift, WarmUpEdit } from "@/core/draft";
import type { GymKit } from "@/core/gym";
import type { LiftPlan } from "@/core/plan";
import { changeWorking, FELT, type Felt, nextSingle } from "@/core/ramp";
import { formatWeight, formatWeightWithUnit, type Weight } from "@/core/units";
import { fail, ok } from "@/lib/result";
import { Button } from "@/ui/button";
import { Stepper } from "@/ui/stepper";
import { doneEdit } from "./done-edit";

const LIGHTER = [2.5, 5, 10];
/** Other schemes that are offered at the same effort. */
const SCHEMES = [1, 3, 5, 8, 10];
const MOST_MINUTES_LEFT = 60;
const FELT_WORDS: Record<Felt, string> = { easy: "Easy", right: "Right", heavy: "Heavy" };

interface DayProps {
  plan: LiftPlan;
  lift: DraftLift;
  gym: GymKit;
  onEdit: (edit: WarmUpEdit) => void;
}

/** What changes once the athlete stands at the bar: less weight, another scheme, less time, the next single. */
export function OnTheDay({ plan, lift, gym, onEdit }: DayProps) {
  const { kit, working } = plan.ramps[0]!;
  const now = { weight: working.weight, reps: lift.reps, sets: lift.sets, rir: lift.rir };
  const offer = (weight: Weight, reps: number) =>
    onEdit({ kind: "change-lift", at: plan.at, change: { weight, reps } });
  const lighter = LIGHTER.flatMap((percent) => {
    const changed = changeWorking(kit, now, { kind: "lighter", percent })?.working;
    return changed && changed.weight < now.weight ? [{ percent, ...changed }] : [];
  });
  const schemes = SCHEMES.flatMap((reps) => {
    const changed = changeWorking(kit, now, { kind: "same-effort", reps })?.working;
    return changed && reps !== now.reps ? [changed] : [];
  });
  return (
    <section className="space-y-3 border-t border-line pt-3">
      <h3 className="section-title">On the day</h3>
      {lift.reps === 1 && <NextSingle {...{ plan, lift, gym, onEdit }} />}
      <Offers
        label="Lighter"
        offers={lighter}
        name={(o) => `−${o.percent} %: ${formatWeight(o.weight)}`}
        onTake={offer}
      />
      <Offers
        label="Same effort"
        offers={schemes}
        name={(o) => `${o.reps} × ${formatWeight(o.weight)}`}
        onTake={offer}
      />
      <Stepper<number | null>
        label="Minutes left to the first working set"
        value={lift.secondsLeft === null ? null : Math.round(lift.secondsLeft / 60)}
        format={(m) => (m === null ? "" : String(m))}
        parse={(text) => {
          if (text.trim() === "") return ok(null);
          const minutes = Number(text);
          return Number.isInteger(minutes) && minutes >= 0 && minutes <= MOST_MINUTES_LEFT
            ? ok(minutes)
            : fail(`Give whole minutes up to ${MOST_MINUTES_LEFT}, or nothing.`);
        }}
        next={(m, direction) => {
          const from = m ?? Math.ceil(plan.ramps[0]!.totals.seconds / 60);
          const to = from + direction;
          return to >= 0 && to <= MOST_MINUTES_LEFT ? to : null;
        }}
        onChange={(minutes) =>
          onEdit({
            kind: "change-lift",
            at: plan.at,
            change: { secondsLeft: minutes === null ? null : minutes * 60 },
          })
        }
        placeholder="any"
        width="4ch"
      />
    </section>
  );
}

/** Weights to take with one tap. */
function Offers<T extends { weight: Weight; reps: number }>({
  label,
  offers,
  name,
  onTake,
}: {
  label: string;
  offers: readonly T[];
  name: (offer: T) => string;
  onTake: (weight: Weight, reps: number) => void;
}) {
  if (offers.length === 0) return null;
  return (
    <div>
      <p className="condensed mb-1 text-2xs text-ink-faint">{label}</p>
      <div className="flex flex-wrap gap-1.5">
        {offers.map((o) => (
          <Button key={name(o)} className="condensed px-2" onClick={() => onTake(o.weight, o.reps)}>
            {name(o)}
          </Button>
        ))}
      </div>
    </div>
  );
}

/** After a single: how it went decides the next one. */
function NextSingle({ plan, lift, gym, onEdit }: DayProps) {
  const { kit, working } = plan.ramps[0]!;
  const isDone = lift.done.some((d) => d.weight === working.weight);
  const say = (w: Weight) => formatWeightWithUnit(w, gym.unit);
  if (isDone) return <p className="font-medium">{say(working.weight)} was the single for the day.</p>;
  const after = (felt: Felt) => {
    const done = [...lift.done, { weight: working.weight, reps: 1, perSide: working.perSide }];
    const next = nextSingle(kit, working.weight, felt);
    const record = doneEdit(plan, done);
    const go: WarmUpEdit[] =
      next === null ? [] : [{ kind: "change-lift", at: plan.at, change: { weight: next } }];
    onEdit({ kind: "several", edits: [record, ...go] });
  };
  return (
    <div>
      <p className="condensed mb-1 text-2xs text-ink-faint">How did {say(working.weight)} go?</p>
      <div className="flex flex-wrap gap-1.5">
        {FELT.map((felt) => {
          const next = nextSingle(kit, working.weight, felt);
          return (
            <Button key={felt} className="px-2" onClick={() => after(felt)}>
              {FELT_WORDS[felt]}
              <span className="condensed text-ink-soft">
                {next === null ? "enough" : `then ${formatWeight(next)}`}
              </span>
            </Button>
          );
        })}
      </div>
    </div>
  );
}
