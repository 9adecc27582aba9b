"use client";

import { OctagonX } from "lucide-react";
import { useFloor } from "@/client/use-floor";
import { type FloorAthlete, liftNow, offerInWords, rampChanges } from "@/core/floor";
import { formatSeconds } from "@/core/units";
import { Sheet } from "@/ui/sheet";
import { useAct } from "./acts";
import { FloorButton } from "./floor-button";

/** What can be changed about the rest of a lift: weight off, another scheme, other steps, or an end to it. */
export function RampSheet({
  athlete,
  lift,
  open,
  onOpenChange,
}: {
  athlete: FloorAthlete;
  /** Its place among the athlete's lifts. */
  lift: number;
  open: boolean;
  onOpenChange: (open: boolean) => void;
}) {
  return (
    <Sheet
      title={`${athlete.name}: the rest of the ${athlete.lifts[lift]!.name.toLowerCase()}`}
      open={open}
      onOpenChange={onOpenChange}
      className="max-h-[94dvh] w-[36rem] overflow-y-auto"
    >
      {open && <Changes athlete={athlete} lift={lift} onDone={() => onOpenChange(false)} />}
    </Sheet>
  );
}

function Changes({ athlete, lift, onDone }: { athlete: FloorAthlete; lift: number; onDone: () => void }) {
  const { plan, state } = useFloor();
  const act = useAct();
  const person = state.people[athlete.id]!;
  const planned = { ...athlete.lifts[lift]!, ...liftNow(athlete.lifts[lift]!, person, lift) };
  const done = planned.sets.flatMap((_, i) => person.lifts[lift]?.sets[i] ?? []);
  return (
    <ul className="space-y-2">
      {rampChanges(planned, done).map(({ id, title, sets, working, seconds, addsDrill }) => (
        <li key={id}>
          <FloorButton
            className="h-auto w-full flex-col items-start gap-0 py-2 text-left"
            onClick={() => {
              act(`${athlete.name}: ${title}`, [
                { athlete: athlete.id, what: { kind: "ramp-changed", lift, sets, working, why: title } },
              ]);
              onDone();
            }}
          >
            <span>{title}</span>
            <span className="text-sm font-normal text-ink-soft">
              {offerInWords({ id, title, sets, working, seconds, addsDrill }, done.length, plan.unit)}.
              Working set in {formatSeconds(Math.round(seconds))}.
            </span>
          </FloorButton>
        </li>
      ))}
      <li className="border-t border-line pt-2">
        <FloorButton
          className="w-full"
          onClick={() => {
            act(`${athlete.name}: ${athlete.lifts[lift]!.name.toLowerCase()} stopped`, [
              { athlete: athlete.id, what: { kind: "lift-stopped", lift } },
            ]);
            onDone();
          }}
        >
          <OctagonX aria-hidden className="size-5" />
          Stop this lift
        </FloorButton>
      </li>
    </ul>
  );
}
