"use client";

import { HeartPulse, StickyNote, UserX } from "lucide-react";
import { useState } from "react";
import { useFloor, useNow } from "@/client/use-floor";
import { AREAS } from "@/core/catalog";
import { type FloorAthlete, isDone, type PersonState, paceOf, secondsInto, standingOf } from "@/core/floor";
import { SmallStair } from "@/features/shared/small-stair";
import { useAct } from "./acts";
import { AskPanel } from "./ask-panel";
import { OwnCatchUp } from "./catch-up";
import { CheckPanel } from "./check-panel";
import { paceWords } from "./clock-words";
import { FloorButton } from "./floor-button";
import { ItemList } from "./item-list";
import { LateStart } from "./late-start";
import { NoteSheet } from "./note-sheet";
import { NowPanel } from "./now-panel";
import { PainSheet } from "./pain-sheet";

/** Width of the stair's drawing, and its height. */
const STAIR = { width: 900, height: 84 };

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
