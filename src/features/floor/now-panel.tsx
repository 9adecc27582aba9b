"use client";

import { Check, RefreshCw } from "lucide-react";
import { useState } from "react";
import { useFloor } from "@/client/use-floor";
import { formatDose } from "@/core/dose";
import { doneNow, type FloorAthlete, isPaused, secondsInto, standingOf } from "@/core/floor";
import { FELT, type Felt } from "@/core/ramp";
import { useAct } from "./acts";
import { clockDigits } from "./clock-words";
import { FloorButton } from "./floor-button";
import { itemName, SetWords } from "./item-words";
import { RampSheet } from "./ramp-sheet";
import { SetSheet } from "./set-sheet";
import { StepTimer } from "./step-timer";
import { SwapSheet } from "./swap-sheet";

/** What is on, with its one large button. */
export function NowPanel({ athlete, now }: { athlete: FloorAthlete; now: number }) {
  const { state, plan } = useFloor();
  const act = useAct();
  const [isSwapping, setSwapping] = useState(false);
  const [isTyping, setTyping] = useState(false);
  const [isChanging, setChanging] = useState(false);
  const person = state.people[athlete.id]!;
  const standing = standingOf(athlete, person, state.startedAt);
  const { now: item, next } = standing;
  if (!item) return <p className="mt-6 text-2xl font-bold">All done.</p>;
  const into = secondsInto(standing, state, now);
  if (item.kind === "step") {
    const { step } = item;
    return (
      <div className="mt-4">
        <h2 className="text-2xl font-bold">{step.name}</h2>
        <p className="condensed text-xl text-ink-soft">{step.dose && formatDose(step.dose)}</p>
        <p className="text-base text-ink-soft">{step.cue}</p>
        <div className="mt-3">
          <StepTimer
            step={step}
            into={into}
            size="medium"
            isPaused={isPaused(state)}
            sounds={plan.athletes.length === 1}
            next={next && itemName(next)}
          />
        </div>
        <div className="mt-4 flex flex-wrap gap-2">
          {step.swaps.length > 0 && (
            <FloorButton onClick={() => setSwapping(true)}>
              <RefreshCw aria-hidden className="size-5" />
              Swap
            </FloorButton>
          )}
          <FloorButton
            onClick={() =>
              act(`Left out: ${step.name}`, [
                { athlete: athlete.id, what: { kind: "step-skipped", step: step.key, why: "coach" } },
              ])
            }
          >
            Leave out
          </FloorButton>
          <FloorButton
            look="main"
            size="large"
            className="flex-1"
            onClick={() => act(`Done: ${step.name}`, [{ athlete: athlete.id, what: doneNow(item) }])}
          >
            <Check aria-hidden className="size-6" />
            Done
          </FloorButton>
        </div>
        <SwapSheet athlete={athlete} step={step} open={isSwapping} onOpenChange={setSwapping} />
      </div>
    );
  }
  const { lift } = item;
  const done = (felt: Felt | null) =>
    act(`${athlete.name}: ${itemName(item)}`, [{ athlete: athlete.id, what: doneNow(item, felt) }]);
  return (
    <div className="mt-4">
      <SetWords athlete={athlete} item={item} />
      <RestLine standing={standing} now={now} />
      <fieldset className="mt-4 grid grid-cols-3 gap-2">
        <legend className="mb-1 text-base font-semibold">Done, and it was</legend>
        {FELT.map((felt) => (
          <FloorButton
            key={felt}
            look={felt === "right" ? "main" : "quiet"}
            size="large"
            onClick={() => done(felt)}
          >
            {felt}
          </FloorButton>
        ))}
      </fieldset>
      <div className="mt-2 flex flex-wrap gap-2">
        <FloorButton onClick={() => done(null)}>Done</FloorButton>
        <FloorButton onClick={() => setTyping(true)}>Other weight or repetitions</FloorButton>
        <FloorButton onClick={() => setChanging(true)}>Change the rest</FloorButton>
      </div>
      <SetSheet athlete={athlete} item={item} open={isTyping} onOpenChange={setTyping} />
      <RampSheet athlete={athlete} lift={lift} open={isChanging} onOpenChange={setChanging} />
    </div>
  );
}

/** For how long there is still rest before the next set. */
function RestLine({ standing, now }: { standing: ReturnType<typeof standingOf>; now: number }) {
  const { state } = useFloor();
  const { items, now: item } = standing;
  const before = item ? items[items.indexOf(item) - 1] : undefined;
  if (!before || before.kind === "step" || !before.done) return null;
  const left = before.load.restSeconds - secondsInto(standing, state, now);
  if (left <= 0) return <p className="mt-2 text-lg font-semibold">Rested</p>;
  return (
    <p className="mt-2 text-lg text-ink-soft">
      Rest <span className="condensed text-2xl font-bold text-ink">{clockDigits(left)}</span>
    </p>
  );
}
