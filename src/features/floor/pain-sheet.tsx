"use client";

import { useState } from "react";
import { useFloor } from "@/client/use-floor";
import { AREA_IDS, AREAS, type AreaId } from "@/core/catalog";
import {
  type FloorAthlete,
  type Happening,
  PAIN_SIGNS,
  type PainSign,
  standingOf,
  stopsLift,
} from "@/core/floor";
import { Sheet, SheetClose } from "@/ui/sheet";
import { useAct } from "./acts";
import { FloorButton } from "./floor-button";

const SIGN_WORDS: Record<PainSign, string> = {
  numb: "Numbness",
  "giving-way": "Giving way",
  swelling: "Swelling",
};
/** Areas that can hurt: balance, impact and circulation are none. */
const PLACES = AREA_IDS.filter((a) => !["balance", "impact", "circulation"].includes(a));
const LEVELS = Array.from({ length: 11 }, (_, i) => i);

/** Where it hurts, how much and how; what is strong, sharp or comes with signs stops the lift. */
export function PainSheet({
  athlete,
  lift: asked,
  open,
  onOpenChange,
}: {
  athlete: FloorAthlete;
  /** The lift that it came up at; absent: the one that is on. */
  lift?: number | null;
  open: boolean;
  onOpenChange: (open: boolean) => void;
}) {
  return (
    <Sheet
      title={`Pain: ${athlete.name}`}
      open={open}
      onOpenChange={onOpenChange}
      className="max-h-[94dvh] w-[40rem] overflow-y-auto"
    >
      {open && <PainForm athlete={athlete} asked={asked} onDone={() => onOpenChange(false)} />}
    </Sheet>
  );
}

function PainForm({
  athlete,
  asked,
  onDone,
}: {
  athlete: FloorAthlete;
  asked?: number | null;
  onDone: () => void;
}) {
  const { state } = useFloor();
  const act = useAct();
  const [area, setArea] = useState<AreaId | null>(null);
  const [level, setLevel] = useState<number | null>(null);
  const [quality, setQuality] = useState<"dull" | "sharp">("dull");
  const [signs, setSigns] = useState<readonly PainSign[]>([]);
  const person = state.people[athlete.id]!;
  const { now } = standingOf(athlete, person, state.startedAt);
  // At the bar it is that lift, also before its first set.
  const lift = asked ?? (now && now.kind !== "step" ? now.lift : liftOn(athlete, person.lifts));
  const isStop = level !== null && stopsLift({ level, quality, signs });
  const toggle = (sign: PainSign) =>
    setSigns(signs.includes(sign) ? signs.filter((s) => s !== sign) : [...signs, sign]);
  const keep = () => {
    if (area === null || level === null) return;
    const pain: Happening = { kind: "pain", area, level, quality, signs, lift };
    const check: Happening[] = asked != null ? [{ kind: "checked", lift: asked, answer: "pain" }] : [];
    const stop: Happening[] = isStop && lift !== null ? [{ kind: "lift-stopped", lift }] : [];
    act(
      `${athlete.name}: pain ${level}, ${AREAS[area].toLowerCase()}${stop.length > 0 ? "; lift stopped" : ""}`,
      [pain, ...check, ...stop].map((what) => ({ athlete: athlete.id, what })),
    );
    onDone();
  };
  return (
    <div className="space-y-4 text-base">
      <fieldset>
        <legend className="mb-1 font-semibold">Where</legend>
        <div className="flex flex-wrap gap-2">
          {PLACES.map((a) => (
            <FloorButton key={a} aria-pressed={area === a} onClick={() => setArea(a)}>
              {AREAS[a]}
            </FloorButton>
          ))}
        </div>
      </fieldset>
      <fieldset>
        <legend className="mb-1 font-semibold">How much, 0 to 10</legend>
        <div className="grid grid-cols-6 gap-2 sm:grid-cols-11">
          {LEVELS.map((n) => (
            <FloorButton key={n} className="px-0" aria-pressed={level === n} onClick={() => setLevel(n)}>
              {n}
            </FloorButton>
          ))}
        </div>
      </fieldset>
      <fieldset>
        <legend className="mb-1 font-semibold">How</legend>
        <div className="flex flex-wrap gap-2">
          {(["dull", "sharp"] as const).map((q) => (
            <FloorButton key={q} aria-pressed={quality === q} onClick={() => setQuality(q)}>
              {q === "dull" ? "Dull" : "Sharp"}
            </FloorButton>
          ))}
          {PAIN_SIGNS.map((sign) => (
            <FloorButton key={sign} aria-pressed={signs.includes(sign)} onClick={() => toggle(sign)}>
              {SIGN_WORDS[sign]}
            </FloorButton>
          ))}
        </div>
      </fieldset>
      {isStop && (
        <p role="alert" className="border-l-4 border-ember pl-3 font-semibold">
          {lift === null ? "" : `This stops ${athlete.lifts[lift]!.name.toLowerCase()} for today. `}
          See a licensed clinician before training it again. Nothing here is medical advice.
        </p>
      )}
      <div className="flex gap-2">
        <FloorButton
          look="main"
          size="large"
          className="flex-1"
          disabled={area === null || level === null}
          onClick={keep}
        >
          {isStop && lift !== null ? "Note and stop the lift" : "Note"}
        </FloorButton>
        <SheetClose asChild>
          <FloorButton size="large">Cancel</FloorButton>
        </SheetClose>
      </div>
    </div>
  );
}

/** The lift that an athlete is at: the last with a set done; null: none has been begun. */
function liftOn(athlete: FloorAthlete, lifts: Record<number, { sets: object }>): number | null {
  const at = athlete.lifts.findLastIndex((_, i) => Object.keys(lifts[i]?.sets ?? {}).length > 0);
  return at < 0 ? null : at;
}
