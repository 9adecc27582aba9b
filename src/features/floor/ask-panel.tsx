"use client";

import { useState } from "react";
import { useFloor, useNow } from "@/client/use-floor";
import { type Ask, type AskedVersion, askedVersion, type FloorAthlete } from "@/core/floor";
import { formatSeconds } from "@/core/units";
import { joinWords } from "@/lib/join-words";
import { Sheet, SheetClose } from "@/ui/sheet";
import { useAct } from "./acts";
import { changesInWords } from "./catch-up";
import { FloorButton } from "./floor-button";

/** Minutes that can be asked for. */
const MINUTES = [5, 8, 10, 12, 15];

/** What is asked for, in words. @example "8 minutes, no kit" */
function askInWords({ minutes, noKit }: Ask): string {
  return [minutes === null ? "" : `${minutes} minutes`, noKit ? "no kit" : ""].filter(Boolean).join(", ");
}

/** What a version comes to, in words. */
function versionInWords({ swaps, changes, seconds }: AskedVersion): string {
  const swapped = swaps.map((s) => `${s.swap.name.toLowerCase()} for ${s.step.name.toLowerCase()}`);
  const said = [changesInWords(changes), swapped.length > 0 ? joinWords(swapped) : ""].filter(Boolean);
  const what = said.length > 0 ? said.join("; ") : "as it is";
  return `${what[0]!.toUpperCase()}${what.slice(1)}. About ${formatSeconds(Math.round(seconds / 30) * 30)} to the first working set.`;
}

/** On the phone: asks the coach for a version for less time, or with nothing at hand; what it would be is shown. */
export function AskSheet({
  athlete,
  open,
  onOpenChange,
}: {
  athlete: FloorAthlete;
  open: boolean;
  onOpenChange: (open: boolean) => void;
}) {
  return (
    <Sheet
      title="Less time, or no kit"
      open={open}
      onOpenChange={onOpenChange}
      className="max-h-[94dvh] w-[30rem] overflow-y-auto"
    >
      {open && <AskForm athlete={athlete} onDone={() => onOpenChange(false)} />}
    </Sheet>
  );
}

function AskForm({ athlete, onDone }: { athlete: FloorAthlete; onDone: () => void }) {
  const { state } = useFloor();
  const act = useAct();
  const now = useNow(5000);
  const [ask, setAsk] = useState<Ask>({ minutes: null, noKit: false });
  const isAsking = ask.minutes !== null || ask.noKit;
  return (
    <div className="space-y-4 text-base">
      <fieldset>
        <legend className="mb-1 font-semibold">Minutes I have</legend>
        <div className="grid grid-cols-5 gap-2">
          {MINUTES.map((minutes) => (
            <FloorButton
              key={minutes}
              className="px-0"
              aria-pressed={ask.minutes === minutes}
              onClick={() => setAsk({ ...ask, minutes: ask.minutes === minutes ? null : minutes })}
            >
              {minutes}
            </FloorButton>
          ))}
        </div>
      </fieldset>
      <FloorButton
        className="w-full"
        aria-pressed={ask.noKit}
        onClick={() => setAsk({ ...ask, noKit: !ask.noKit })}
      >
        No kit here
      </FloorButton>
      {isAsking && <p role="status">{versionInWords(askedVersion(athlete, state, ask, now))}</p>}
      <div className="flex gap-2">
        <FloorButton
          look="main"
          className="flex-1"
          disabled={!isAsking}
          onClick={() => {
            act(`Asked for: ${askInWords(ask)}`, [{ athlete: athlete.id, what: { kind: "asked", ...ask } }]);
            onDone();
          }}
        >
          Ask the coach
        </FloorButton>
        <SheetClose asChild>
          <FloorButton>Cancel</FloorButton>
        </SheetClose>
      </div>
    </div>
  );
}

/** What an athlete has asked for, with what it would become: the coach takes it or not. */
export function AskPanel({ athlete }: { athlete: FloorAthlete }) {
  const { state } = useFloor();
  const act = useAct();
  const now = useNow(5000);
  const { asked } = state.people[athlete.id]!;
  if (!asked) return null;
  const version = askedVersion(athlete, state, asked, now);
  const answer = (taken: boolean) =>
    act(taken ? `${athlete.name}: ${askInWords(asked)}` : `${athlete.name}: as planned`, [
      { athlete: athlete.id, what: { kind: "answered", ask: asked.event, taken } },
      ...(taken ? version.happenings.map((what) => ({ athlete: athlete.id, what })) : []),
    ]);
  return (
    <section aria-label="Asked for" className="mt-4 border-y-2 border-ochre-deep py-3 text-base">
      <h2 className="text-lg font-bold">Asks for: {askInWords(asked)}</h2>
      <p>{versionInWords(version)}</p>
      <div className="mt-2 flex flex-wrap gap-2">
        <FloorButton look="main" onClick={() => answer(true)}>
          Take it
        </FloorButton>
        <FloorButton onClick={() => answer(false)}>As planned</FloorButton>
      </div>
    </section>
  );
}
