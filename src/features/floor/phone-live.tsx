"use client";

import { Check } from "lucide-react";
import { useState } from "react";
import { FloorProvider, useFloor, useFloorFeed, useNow } from "@/client/use-floor";
import { formatDose, formatDoseBriefly } from "@/core/dose";
import {
  doneNow,
  type FloorAthlete,
  type FloorEvent,
  type FloorItem,
  type FloorPlan,
  isDone,
  isPaused,
  secondsInto,
  standingOf,
} from "@/core/floor";
import { FELT } from "@/core/ramp";
import { DrillFigure } from "@/features/shared/figure";
import { Acts, useAct } from "./acts";
import { AskSheet } from "./ask-panel";
import { LiveStair } from "./athlete-look";
import { CheckQuestion } from "./check-panel";
import { FloorButton } from "./floor-button";
import { useScreenOn } from "./floor-sounds";
import { itemName, SetWords } from "./item-words";
import { NoteSheet } from "./note-sheet";
import { PainSheet } from "./pain-sheet";
import { StepTimer } from "./step-timer";

/** What an athlete does now, on the phone: only theirs, with their own ticks and a word to the coach. */
export function PhoneLive({
  token,
  open,
}: {
  token: string;
  open: { plan: FloorPlan; events: readonly FloorEvent[]; seq: number; now: number };
}) {
  const floor = useFloorFeed(open, `/card/${token}`, "phone");
  const [athlete] = open.plan.athletes;
  useScreenOn(!floor.state.finished);
  if (!athlete) return null;
  return (
    <FloorProvider value={floor}>
      <Acts>
        <PhoneNow athlete={athlete} />
      </Acts>
    </FloorProvider>
  );
}

function PhoneNow({ athlete }: { athlete: FloorAthlete }) {
  const { state, waiting } = useFloor();
  const now = useNow(250);
  const [sheet, setSheet] = useState<"pain" | "note" | "ask" | null>(null);
  const person = state.people[athlete.id]!;
  const standing = standingOf(athlete, person, state.startedAt);
  const stopped = Object.values(person.lifts).some((l) => l.stopped);
  if (state.finished) return <p className="text-xl font-bold">Session finished.</p>;
  if (person.presence !== "there")
    return <p className="text-xl font-bold">Tell the coach when you are here: your warm-up starts then.</p>;
  return (
    <section aria-label="Now">
      <LiveStair athlete={athlete} now={now} height={150} />
      {stopped && (
        <p className="mt-3 border-l-4 border-ember pl-3 text-base font-semibold">
          This lift is stopped for today.
          {person.pains.length > 0 && " See a licensed clinician before training it again."}
        </p>
      )}
      <PhoneItem athlete={athlete} standing={standing} into={secondsInto(standing, state, now)} />
      <CheckQuestion athlete={athlete} />
      <div className="mt-4 grid grid-cols-2 gap-2">
        <FloorButton onClick={() => setSheet("note")}>Tell the coach</FloorButton>
        <FloorButton onClick={() => setSheet("pain")}>It hurts</FloorButton>
        {!standing.isWarm && (
          <FloorButton className="col-span-2" onClick={() => setSheet("ask")}>
            Less time, or no kit
          </FloorButton>
        )}
      </div>
      {person.asked && <p className="mt-2 text-base text-ink-soft">The coach has your question.</p>}
      {waiting > 0 && (
        <p role="status" className="mt-2 text-base text-ink-soft">
          {waiting} not sent yet
        </p>
      )}
      <AllSteps items={standing.items} now={standing.now} athlete={athlete} />
      <PainSheet
        athlete={athlete}
        open={sheet === "pain"}
        onOpenChange={(open) => setSheet(open ? "pain" : null)}
      />
      <AskSheet
        athlete={athlete}
        open={sheet === "ask"}
        onOpenChange={(open) => setSheet(open ? "ask" : null)}
      />
      <NoteSheet
        athlete={athlete}
        open={sheet === "note"}
        onOpenChange={(open) => setSheet(open ? "note" : null)}
      />
    </section>
  );
}

/** All of it, with what has been done. */
function AllSteps({
  items,
  now,
  athlete,
}: {
  items: readonly FloorItem[];
  now: FloorItem | null;
  athlete: FloorAthlete;
}) {
  return (
    <section className="mt-8">
      <h2 className="border-b-2 border-ink pb-1 text-lg font-bold tracking-tight">All of it</h2>
      <ol>
        {items.map((item) => (
          <li
            key={item.kind === "step" ? item.step.key : `${item.kind} ${item.lift} ${item.set}`}
            aria-current={item === now ? "step" : undefined}
            className="flex items-baseline gap-3 border-b border-line py-2 text-base aria-[current]:font-bold"
          >
            <span aria-hidden className="w-5 shrink-0">
              {isDone(item) && <Check className="size-4" />}
            </span>
            <span className={`min-w-0 flex-1 ${isDone(item) ? "text-ink-soft" : ""}`}>
              {itemName(item)}
              {isDone(item) && <span className="sr-only"> done</span>}
            </span>
            <span className="condensed shrink-0 text-ink-soft">
              {item.kind === "step"
                ? item.step.dose && formatDoseBriefly(item.step.dose)
                : athlete.lifts[item.lift]!.name}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}

function PhoneItem({
  athlete,
  standing: { now: item, next },
  into,
}: {
  athlete: FloorAthlete;
  standing: ReturnType<typeof standingOf>;
  into: number;
}) {
  const { state } = useFloor();
  const act = useAct();
  if (!item) return <p className="mt-4 text-2xl font-bold">All done.</p>;
  const after = next && itemName(next);
  if (item.kind === "step") {
    const { step } = item;
    return (
      <div className="mt-4">
        <div className="flex items-start gap-4">
          <DrillFigure drill={step.picture} moves="always" className="w-28 shrink-0" />
          <div className="min-w-0">
            <h2 className="text-2xl leading-tight font-extrabold tracking-tight">{step.name}</h2>
            <p className="condensed text-lg font-semibold text-ink-soft">
              {step.dose && formatDose(step.dose)}
            </p>
            <p className="text-base text-ink-soft">{step.cue}</p>
          </div>
        </div>
        <StepTimer step={step} into={into} isPaused={isPaused(state)} next={after} sounds />
        {!step.isShared && (
          <FloorButton
            look="main"
            size="large"
            className="mt-3 w-full"
            onClick={() => act(`Done: ${step.name}`, [{ athlete: athlete.id, what: doneNow(item) }])}
          >
            <Check aria-hidden className="size-6" />
            Done
          </FloorButton>
        )}
        {after && <p className="mt-2 text-base text-ink-soft">Next: {after}</p>}
      </div>
    );
  }
  return (
    <div className="mt-4">
      <SetWords athlete={athlete} item={item} />
      <fieldset className="mt-3 grid grid-cols-3 gap-2">
        <legend className="mb-1 text-base font-semibold">Done, and it was</legend>
        {FELT.map((felt) => (
          <FloorButton
            key={felt}
            size="large"
            look={felt === "right" ? "main" : "quiet"}
            onClick={() =>
              act(`${itemName(item)}, ${felt}`, [{ athlete: athlete.id, what: doneNow(item, felt) }])
            }
          >
            {felt}
          </FloorButton>
        ))}
      </fieldset>
    </div>
  );
}
