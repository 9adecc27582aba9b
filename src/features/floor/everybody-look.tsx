"use client";

import { Check } from "lucide-react";
import { useFloor, useNow } from "@/client/use-floor";
import { formatDoseBriefly } from "@/core/dose";
import { doneNow, type FloorAthlete, isPaused, paceOf, secondsInto, standingOf } from "@/core/floor";
import { formatWeight } from "@/core/units";
import { useAct } from "./acts";
import { paceWords } from "./clock-words";
import { FloorButton } from "./floor-button";
import { StepTimer } from "./step-timer";

/** Everybody side by side, each with what is on and one button: for sessions in which each warms up alone. */
export function EverybodyLook({ onOpen }: { onOpen: (id: string) => void }) {
  const { plan } = useFloor();
  return (
    <section
      aria-label="Everybody"
      className="grid auto-rows-min gap-x-6 gap-y-4 sm:grid-cols-2 lg:grid-cols-3"
    >
      {plan.athletes.map((a) => (
        <Person key={a.id} athlete={a} onOpen={onOpen} />
      ))}
    </section>
  );
}

function Person({ athlete, onOpen }: { athlete: FloorAthlete; onOpen: (id: string) => void }) {
  const { plan, state } = useFloor();
  const act = useAct();
  const now = useNow(250);
  const person = state.people[athlete.id]!;
  const standing = standingOf(athlete, person, state.startedAt);
  const pace = paceOf(plan, athlete, state, now);
  const { now: item, isWarm } = standing;
  const isHere = person.presence === "there";
  const isLate = isHere && pace !== null && !isWarm && pace.behind >= 60;
  return (
    <article aria-label={athlete.name} className="flex flex-col border-t-2 border-line-strong pt-1">
      <button
        type="button"
        onClick={() => onOpen(athlete.id)}
        className="flex min-h-12 items-center justify-between gap-3 text-left hover:text-ember"
      >
        <span className="text-xl font-bold tracking-tight">{athlete.name}</span>
        {isLate && <span className="font-semibold text-ember">{paceWords(pace.behind)}</span>}
      </button>
      <div className="flex flex-1 items-end justify-between gap-3">
        <div className="min-w-0 flex-1 self-start">
          {!isHere && (
            <p className="text-lg text-ink-soft">{person.presence === "left" ? "Has gone" : "Not here"}</p>
          )}
          {isHere && !item && <p className="text-lg">All done</p>}
          {isHere && item?.kind === "step" && (
            <>
              <p className="truncate text-base font-semibold">
                {item.step.name}
                <span className="condensed ml-2 font-medium text-ink-soft">
                  {item.step.dose && formatDoseBriefly(item.step.dose)}
                </span>
              </p>
              <StepTimer
                step={item.step}
                into={secondsInto(standing, state, now)}
                size="small"
                isPaused={isPaused(state)}
              />
            </>
          )}
          {isHere && item && item.kind !== "step" && (
            <>
              <p className="truncate text-base font-semibold">
                {athlete.lifts[item.lift]!.name}
                <span className="font-normal text-ink-soft">
                  {item.kind === "work" ? `, working set ${item.set + 1}` : ""}
                </span>
              </p>
              <p className={`condensed text-4xl font-extrabold ${item.kind === "work" ? "text-ember" : ""}`}>
                {formatWeight(item.load.weight)} <span className="text-xl">× {item.load.reps}</span>
              </p>
              <p className="text-sm text-ink-soft">{item.load.change}</p>
            </>
          )}
        </div>
        {isHere && item && (
          <FloorButton
            look="main"
            size="large"
            aria-label={`Done: ${athlete.name}`}
            onClick={() => act(`${athlete.name}: done`, [{ athlete: athlete.id, what: doneNow(item) }])}
          >
            <Check aria-hidden className="size-7" />
          </FloorButton>
        )}
      </div>
    </article>
  );
}
