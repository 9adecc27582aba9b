"use client";

import { Check, RotateCcw } from "lucide-react";
import { useFloor, useNow } from "@/client/use-floor";
import { formatDose } from "@/core/dose";
import { goOn, isPaused, presentIn, type SharedNow, secondsIntoShared } from "@/core/floor";
import { DrillFigure } from "@/features/shared/figure";
import { useAct } from "./acts";
import { FloorButton } from "./floor-button";
import { StepTimer } from "./step-timer";

/** The drill that everybody does, as large as it goes. */
export function TogetherLook({ shared }: { shared: SharedNow }) {
  const { plan, state } = useFloor();
  const act = useAct();
  const now = useNow(100);
  const { step, next } = shared;
  const into = secondsIntoShared(shared, state, now);
  const done = () => act(next ? `Next: ${next.name}` : `Done: ${step.name}`, goOn(plan, state, shared));
  return (
    <section aria-label="Together" className="flex min-h-0 flex-1 flex-col">
      <div className="grid min-h-0 flex-1 items-center gap-x-8 gap-y-4 portrait:content-center landscape:grid-cols-[minmax(0,5fr)_minmax(0,6fr)]">
        <DrillFigure
          drill={step.picture}
          moves="always"
          className="mx-auto w-full max-w-[min(26rem,46vh)] portrait:max-w-[30vh] portrait:max-sm:max-w-[19vh]"
        />
        <div className="min-w-0">
          <h1 className="text-3xl leading-[1.05] font-extrabold tracking-tight text-balance sm:text-5xl">
            {step.name}
          </h1>
          <p className="condensed mt-1 text-2xl font-semibold text-ink-soft">
            {step.dose && formatDose(step.dose)}
            {step.rounds > 1 && `, round ${step.round} of ${step.rounds}`}
          </p>
          <p className="mt-1 text-lg text-ink-soft">{step.cue}</p>
          <div className="mt-4">
            <StepTimer step={step} into={into} next={next?.name} isPaused={isPaused(state)} sounds />
          </div>
        </div>
      </div>
      <OtherDrills shared={shared} />
      <div className="mt-4 flex flex-wrap items-stretch gap-3">
        <FloorButton
          onClick={() =>
            act(`From the start: ${step.name}`, [
              { athlete: null, what: { kind: "step-begun", step: step.key } },
            ])
          }
        >
          <RotateCcw aria-hidden className="size-5" />
          {into < step.setUpSeconds ? "Begin now" : "Again"}
        </FloorButton>
        <FloorButton
          onClick={() =>
            act(`Left out: ${step.name}`, [
              { athlete: null, what: { kind: "step-skipped", step: step.key, why: "coach" } },
            ])
          }
        >
          Leave out
        </FloorButton>
        <FloorButton
          look="main"
          size="large"
          className="min-w-0 flex-1 max-sm:order-first max-sm:basis-full"
          onClick={done}
        >
          <Check aria-hidden className="size-6 shrink-0" />
          <span className="truncate">{next ? `Done. Next: ${next.name}` : "Done. To the bar"}</span>
        </FloorButton>
      </div>
    </section>
  );
}

/** Who does something else meanwhile. */
function OtherDrills({ shared: { step, next } }: { shared: SharedNow }) {
  const { plan, state } = useFloor();
  const until = next?.startsAt ?? step.startsAt + step.seconds;
  const others = presentIn(plan, state).flatMap((a) => {
    const own = a.steps.find(
      (s) => !s.isShared && s.block === step.block && s.startsAt >= step.startsAt - 1 && s.startsAt < until,
    );
    const open = own && !state.people[a.id]!.steps[own.key]?.done;
    return own && open ? [{ id: a.id, name: a.name, drill: own }] : [];
  });
  if (others.length === 0) return null;
  return (
    <ul
      aria-label="Own drills"
      className="mt-3 flex flex-wrap gap-x-6 gap-y-1 border-t border-line pt-2 text-base"
    >
      {others.map(({ id, name, drill }) => (
        <li key={id}>
          <span className="font-semibold">{name}</span>
          <span className="text-ink-soft">
            {drill.startsAt > step.startsAt + 5 ? ", then" : ""}: {drill.name}
            {drill.dose && `, ${formatDose(drill.dose)}`}
          </span>
        </li>
      ))}
    </ul>
  );
}
