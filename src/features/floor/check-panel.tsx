"use client";

import { useState } from "react";
import { useFloor } from "@/client/use-floor";
import {
  type CheckAnswer,
  type CheckOffer,
  checkOffers,
  type FloorAthlete,
  type Happening,
  liftNow,
  offerInWords,
  openCheck,
  stopsLift,
} from "@/core/floor";
import { formatSeconds } from "@/core/units";
import { useAct } from "./acts";
import { FloorButton } from "./floor-button";
import { PainSheet } from "./pain-sheet";

/** What can be answered after the first loaded set. */
export const ANSWERS: readonly { id: CheckAnswer; name: string }[] = [
  { id: "well", name: "All well" },
  { id: "flying", name: "Flying" },
  { id: "tight", name: "Tight or heavy, no pain" },
  { id: "one-sided", name: "One side works harder" },
  { id: "pain", name: "Pain" },
];

/** The check after the first loaded set of a lift, and what may be done about the answer. */
export function CheckPanel({ athlete }: { athlete: FloorAthlete }) {
  return (
    <>
      <CheckQuestion athlete={athlete} />
      <Offers athlete={athlete} />
    </>
  );
}

/** How the first loaded set of a lift was; asked once for each lift, answered by the coach or the athlete. */
export function CheckQuestion({ athlete }: { athlete: FloorAthlete }) {
  const { state } = useFloor();
  const act = useAct();
  const [isPain, setPain] = useState(false);
  const lift = openCheck(athlete, state.people[athlete.id]!);
  const answer = (to: CheckAnswer) => {
    if (to === "pain") setPain(true);
    else if (lift !== null)
      act(`${athlete.name}: ${ANSWERS.find((a) => a.id === to)!.name.toLowerCase()}`, [
        { athlete: athlete.id, what: { kind: "checked", lift, answer: to } },
      ]);
  };
  return (
    <>
      {lift !== null && (
        <section aria-label="First loaded set" className="mt-4 border-y-2 border-ink py-3">
          <h2 className="text-lg font-bold">{athlete.lifts[lift]!.name}: how was the first loaded set?</h2>
          <div className="mt-2 flex flex-wrap gap-2">
            {ANSWERS.map((a) => (
              <FloorButton key={a.id} onClick={() => answer(a.id)}>
                {a.name}
              </FloorButton>
            ))}
          </div>
        </section>
      )}
      <PainSheet athlete={athlete} lift={lift} open={isPain} onOpenChange={setPain} />
    </>
  );
}

/** What may be done after an answer: none is taken by itself. */
function Offers({ athlete }: { athlete: FloorAthlete }) {
  const { plan, state } = useFloor();
  const act = useAct();
  const [passed, setPassed] = useState<string | null>(null);
  const person = state.people[athlete.id]!;
  for (const [place, now] of Object.entries(person.lifts)) {
    const lift = Number(place);
    const { check, stopped, ramp } = now;
    if (!check || stopped || check.event === passed || (ramp && ramp.at > check.at)) continue;
    const planned = { ...athlete.lifts[lift]!, ...liftNow(athlete.lifts[lift]!, person, lift) };
    const done = planned.sets.flatMap((_, i) => now.sets[i] ?? []);
    if (Object.keys(now.work).length > 0) continue;
    const pain = person.pains.findLast((p) => p.lift === lift) ?? null;
    if (pain && stopsLift(pain)) continue;
    const offers = checkOffers(planned, done, check.answer, pain);
    if (offers.length === 0) continue;
    const take = (offer: CheckOffer) =>
      act(`${athlete.name}: ${offer.title}`, offerEvents(athlete, lift, offer));
    return (
      <section aria-label="What can be done" className="mt-4 border-y-2 border-ochre-deep py-3">
        <h2 className="text-lg font-bold">
          {ANSWERS.find((a) => a.id === check.answer)!.name}: one of these, or none
        </h2>
        <ul className="mt-2 space-y-2">
          {offers.map((offer) => (
            <li key={offer.id}>
              <FloorButton
                className="h-auto w-full flex-col items-start gap-0 py-2 text-left"
                onClick={() => take(offer)}
              >
                <span>{offer.title}</span>
                <span className="text-sm font-normal text-ink-soft">
                  {offerInWords(offer, done.length, plan.unit)}. Working set in{" "}
                  {formatSeconds(Math.round(offer.seconds))}.
                </span>
              </FloorButton>
            </li>
          ))}
          <li>
            <FloorButton look="bare" onClick={() => setPassed(check.event)}>
              None: go on as planned
            </FloorButton>
          </li>
        </ul>
      </section>
    );
  }
  return null;
}

function offerEvents(
  athlete: FloorAthlete,
  lift: number,
  { sets, working, title, addsDrill }: CheckOffer,
): { athlete: string; what: Happening }[] {
  const { oneSided, block } = athlete.lifts[lift]!;
  const ramp: Happening = { kind: "ramp-changed", lift, sets, working, why: title };
  const drill: Happening | null =
    addsDrill && oneSided
      ? {
          kind: "step-added",
          step: {
            ...{
              key: `${block} ${oneSided.drill} added`,
              block,
              drill: oneSided.drill,
              isTest: false,
              name: oneSided.name,
            },
            ...{
              phase: "activate",
              dose: oneSided.dose,
              setUpSeconds: 0,
              seconds: oneSided.seconds,
              changeSeconds: 0,
            },
            ...{
              startsAt: athlete.stair.seconds,
              cue: oneSided.cue,
              picture: oneSided.picture,
              round: 1,
              rounds: 1,
            },
            ...{ needsKit: oneSided.needsKit, isShared: false, worth: 0, shorter: [], swaps: [] },
          },
        }
      : null;
  return [ramp, ...(drill ? [drill] : [])].map((what) => ({ athlete: athlete.id, what }));
}
