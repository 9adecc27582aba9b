"use client";

import { Check, HeartPulse, RefreshCw, StickyNote, UserX } from "lucide-react";
import { useState } from "react";
import { useFloor, useNow } from "@/client/use-floor";
import { AREAS } from "@/core/catalog";
import { formatDose, formatDoseBriefly } from "@/core/dose";
import {
  type FloorAthlete,
  type FloorItem,
  isDone,
  isPaused,
  type PersonState,
  paceOf,
  secondsInto,
  standingOf,
} from "@/core/floor";
import { FELT, type Felt } from "@/core/ramp";
import { formatWeight } from "@/core/units";
import { PlateStrip } from "@/features/shared/plate-strip";
import { SmallStair } from "@/features/shared/small-stair";
import { useAct } from "./acts";
import { AskPanel } from "./ask-panel";
import { OwnCatchUp } from "./catch-up";
import { CheckPanel } from "./check-panel";
import { paceWords } from "./clock-words";
import { FloorButton } from "./floor-button";
import { LateStart } from "./late-start";
import { NoteSheet } from "./note-sheet";
import { PainSheet } from "./pain-sheet";
import { RampSheet } from "./ramp-sheet";
import { SetSheet } from "./set-sheet";
import { StepTimer } from "./step-timer";
import { SwapSheet } from "./swap-sheet";

/** Width of the stair's drawing, and its height. */
const STAIR = { width: 900, height: 84 };

const keyOf = (item: FloorItem) =>
  item.kind === "step" ? item.step.key : `${item.kind} ${item.lift} ${item.set}`;

/** One athlete's warm-up: the stair with where they are on it, what is on, and all of it to be ticked. */
export function AthleteLook({ athlete }: { athlete: FloorAthlete }) {
  const { state, plan } = useFloor();
  const person = state.people[athlete.id]!;
  const now = useNow(250);
  const pace = paceOf(plan, athlete, state, now);
  const standing = standingOf(athlete, person, state.startedAt);
  const [sheet, setSheet] = useState<"pain" | "note" | null>(null);
  return (
    <section aria-label={athlete.name} className="flex min-h-0 flex-1 flex-col gap-4 lg:flex-row lg:gap-8">
      <div className="flex min-w-0 flex-1 flex-col">
        <div className="flex flex-wrap items-baseline gap-x-4">
          <h1 className="text-3xl font-extrabold tracking-tight">{athlete.name}</h1>
          {pace && !standing.isWarm && person.presence === "there" && (
            <span className={`text-lg font-semibold ${pace.behind >= 60 ? "text-ember" : "text-ink-soft"}`}>
              {paceWords(pace.behind)}
            </span>
          )}
        </div>
        <LiveStair athlete={athlete} now={now} />
        <Alerts person={person} />
        <OwnCatchUp athlete={athlete.id} />
        <AskPanel athlete={athlete} />
        <CheckPanel athlete={athlete} />
        {person.presence === "there" ? (
          <NowPanel athlete={athlete} now={now} />
        ) : (
          <LateStart athlete={athlete} />
        )}
        <div className="mt-4 flex flex-wrap gap-2">
          <FloorButton onClick={() => setSheet("pain")}>
            <HeartPulse aria-hidden className="size-5" />
            Pain
          </FloorButton>
          <FloorButton onClick={() => setSheet("note")}>
            <StickyNote aria-hidden className="size-5" />
            Note
          </FloorButton>
          {person.presence === "there" && (
            <Presence athlete={athlete} hasBegun={standing.items.some(isDone)} />
          )}
        </div>
      </div>
      <ItemList athlete={athlete} />
      <PainSheet
        athlete={athlete}
        open={sheet === "pain"}
        onOpenChange={(open) => setSheet(open ? "pain" : null)}
      />
      <NoteSheet
        athlete={athlete}
        open={sheet === "note"}
        onOpenChange={(open) => setSheet(open ? "note" : null)}
      />
    </section>
  );
}

/** Not here yet, or gone. */
function Presence({ athlete, hasBegun }: { athlete: FloorAthlete; hasBegun: boolean }) {
  const act = useAct();
  const kind = hasBegun ? "left" : "absent";
  return (
    <FloorButton
      onClick={() =>
        act(`${athlete.name}: ${hasBegun ? "has gone" : "not here"}`, [
          { athlete: athlete.id, what: { kind } },
        ])
      }
    >
      <UserX aria-hidden className="size-5" />
      {hasBegun ? "Has gone" : "Not here"}
    </FloorButton>
  );
}

/** The planned stair, with a line where the athlete is. */
export function LiveStair({
  athlete,
  now,
  height = STAIR.height,
}: {
  athlete: FloorAthlete;
  now: number;
  height?: number;
}) {
  const { state } = useFloor();
  const { stair } = athlete;
  const minutes = Math.max(stair.available, stair.seconds) / 60 + 1;
  const at = stairSeconds(athlete, state.people[athlete.id]!, state, now);
  const left = (at / (minutes * 60)) * 100;
  return (
    <div className="relative mt-3">
      <SmallStair
        stair={stair}
        width={STAIR.width}
        height={height}
        minutes={minutes}
        label="The warm-up as a stair"
      />
      <span
        aria-hidden
        className="absolute -top-1 bottom-0 w-[3px] bg-ink transition-[left] duration-300 ease-linear motion-reduce:transition-none"
        style={{ left: `${left}%` }}
      />
    </div>
  );
}

/** Where on the planned stair an athlete is: the start of what is on, and as far into it as it lasts. Seconds. */
function stairSeconds(
  athlete: FloorAthlete,
  person: PersonState,
  state: Parameters<typeof secondsInto>[1],
  now: number,
): number {
  const standing = standingOf(athlete, person, state.startedAt);
  const { now: item, isWarm } = standing;
  if (state.startedAt === null) return 0;
  if (isWarm || !item) return athlete.stair.seconds;
  const into = secondsInto(standing, state, now);
  if (item.kind === "step") return item.step.startsAt + Math.min(into, item.step.seconds);
  const tread = athlete.stair.treads.find((t) => t.kind === "set" && t.index === item.set);
  return tread ? tread.startsAt + Math.min(into, tread.nextAt - tread.startsAt) : athlete.stair.seconds;
}

/** What has to be kept in mind: pain, and lifts that were stopped. */
function Alerts({ person }: { person: PersonState }) {
  const stopped = Object.values(person.lifts).some((l) => l.stopped);
  if (!stopped && person.pains.length === 0 && person.notes.length === 0) return null;
  return (
    <ul className="mt-3 space-y-1 border-l-4 border-ember pl-3 text-base">
      {stopped && (
        <li className="font-semibold">
          {person.pains.length > 0
            ? "Lift stopped for pain. If it is sharp, numb, gives way or swells: a licensed clinician before training goes on."
            : "Lift stopped."}
        </li>
      )}
      {person.pains.map((p) => (
        <li key={p.event}>
          Pain {p.level} of 10, {AREAS[p.area].toLowerCase()}, {p.quality}
          {p.device.startsWith("phone") && " (from the phone)"}
        </li>
      ))}
      {person.notes.map((n) => (
        <li key={n.event} className="text-ink-soft">
          {n.text}
          {n.device.startsWith("phone") && " (from the phone)"}
        </li>
      ))}
    </ul>
  );
}

/** What is on, with its one large button. */
function NowPanel({ athlete, now }: { athlete: FloorAthlete; now: number }) {
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
            next={nameOf(next)}
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
            onClick={() =>
              act(`Done: ${step.name}`, [
                { athlete: athlete.id, what: { kind: "step-done", step: step.key } },
              ])
            }
          >
            <Check aria-hidden className="size-6" />
            Done
          </FloorButton>
        </div>
        <SwapSheet athlete={athlete} step={step} open={isSwapping} onOpenChange={setSwapping} />
      </div>
    );
  }
  const { load, lift, set } = item;
  const { unit, name } = athlete.lifts[lift]!;
  const isWork = item.kind === "work";
  const done = (felt: Felt | null) =>
    act(`${athlete.name}: ${formatWeight(load.weight)} × ${load.reps}`, [
      {
        athlete: athlete.id,
        what: { kind: "set-done", lift, set, isWork, weight: load.weight, reps: load.reps, felt },
      },
    ]);
  return (
    <div className="mt-4">
      <h2 className="text-xl font-bold">
        {name}
        <span className="ml-2 font-medium text-ink-soft">
          {isWork ? `working set ${set + 1}` : `ramp set ${set + 1}`}
        </span>
      </h2>
      <div className="mt-1 flex flex-wrap items-center gap-x-8 gap-y-2">
        <p
          className={`condensed text-[clamp(3.5rem,9vw,6rem)] leading-none font-extrabold ${isWork ? "text-ember" : ""}`}
        >
          {formatWeight(load.weight)}
          <span className="ml-2 text-3xl">
            {unit} × {load.reps}
          </span>
        </p>
        {load.perSide.length > 0 && (
          <span className="flex items-center gap-3">
            <PlateStrip plates={plan.plates} perSide={load.perSide} scale={0.2} />
            <span className="condensed text-xl">{load.perSide.map(formatWeight).join(" + ")}</span>
          </span>
        )}
      </div>
      <p className="text-lg text-ink-soft">{load.change}</p>
      {load.notes.length > 0 && <p className="text-base">{load.notes.join(". ")}</p>}
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
      Rest{" "}
      <span className="condensed text-2xl font-bold text-ink">
        {Math.floor(left / 60)}:{String(Math.floor(left % 60)).padStart(2, "0")}
      </span>
    </p>
  );
}

function nameOf(item: FloorItem | null): string | null {
  if (!item) return null;
  return item.kind === "step" ? item.step.name : `${formatWeight(item.load.weight)} × ${item.load.reps}`;
}

/** All of it, to be ticked in any order. */
function ItemList({ athlete }: { athlete: FloorAthlete }) {
  const { state } = useFloor();
  const act = useAct();
  const person = state.people[athlete.id]!;
  const { items, now } = standingOf(athlete, person, state.startedAt);
  const tick = (item: FloorItem) => {
    const done = isDone(item);
    const said = done ? (item.kind === "step" ? item.state.done! : item.done!) : null;
    if (said) {
      act(`Not done: ${nameOf(item)}`, [
        { athlete: athlete.id, what: { kind: "undone", event: said.event } },
      ]);
      return;
    }
    act(
      `Done: ${nameOf(item)}`,
      item.kind === "step"
        ? [{ athlete: athlete.id, what: { kind: "step-done", step: item.step.key } }]
        : [
            {
              athlete: athlete.id,
              what: {
                ...{ kind: "set-done", lift: item.lift, set: item.set, isWork: item.kind === "work" },
                ...{ weight: item.load.weight, reps: item.load.reps, felt: null },
              },
            },
          ],
    );
  };
  return (
    <ol
      aria-label="All steps"
      className="w-full shrink-0 overflow-y-auto lg:max-h-[calc(100dvh-12rem)] lg:w-[21rem]"
    >
      {items.map((item) => {
        const done = isDone(item);
        const said = item.kind === "step" ? item.state.done : item.done;
        const work = item.kind === "work";
        return (
          <li key={keyOf(item)}>
            <button
              type="button"
              aria-pressed={done}
              onClick={() => tick(item)}
              className={`flex min-h-12 w-full items-center gap-3 border-b border-line px-2 text-left text-base hover:bg-chalk-deep ${item === now ? "bg-chalk-deep font-bold" : ""}`}
            >
              <span
                aria-hidden
                className={`grid size-6 shrink-0 place-items-center rounded-xs border ${done ? "border-ink bg-ink text-chalk" : "border-line-strong"}`}
              >
                {done && <Check className="size-4" />}
              </span>
              <span
                className={`min-w-0 flex-1 truncate ${done ? "text-ink-soft" : ""} ${work ? "text-ember" : ""}`}
              >
                {nameOf(item)}
              </span>
              <span className="condensed shrink-0 text-sm text-ink-soft">
                {item.kind === "step"
                  ? item.step.dose && formatDoseBriefly(item.step.dose)
                  : [item.done?.felt, athlete.lifts[item.lift]!.name].filter(Boolean).join(", ")}
                {said?.device.startsWith("phone") && ", own tick"}
              </span>
            </button>
          </li>
        );
      })}
    </ol>
  );
}
