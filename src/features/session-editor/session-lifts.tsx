"use client";

import { ChevronLeft, ChevronRight, Link2, Link2Off, Plus, X } from "lucide-react";
import { useState } from "react";
import { useCatalog } from "@/client/catalog";
import { knownLift } from "@/core/catalog";
import { LIMITS, MOST_LIFTS } from "@/core/draft";
import type { GymKit } from "@/core/gym";
import {
  formatLoad,
  type LiftEdit,
  liftsFor,
  MOST_SUB_GROUPS,
  parseLoad,
  type Session,
  type SessionEdit,
  type SessionLift,
  type SubGroup,
  stepLoad,
  weightMoves,
} from "@/core/session";
import { AddLift } from "@/features/shared/add-lift";
import { liftGroups } from "@/features/shared/lift-groups";
import type { Member } from "@/server/sessions/open-session";
import { Button, IconButton } from "@/ui/button";
import { Choice } from "@/ui/choice";
import { Stepper } from "@/ui/stepper";
import { parseName, TextField } from "@/ui/text-field";
import { TickSheet } from "@/ui/tick-sheet-later";
import { WholeStepper } from "@/ui/whole-stepper";
import { LiftReach } from "./lift-reach";
import { SameForAll } from "./same-for-all";

/** What the same sets for all start from. */
const FIRST_SCHEME = { sets: 3, reps: 5, load: { kind: "reserve", rir: 2 } } as const;

/** One change of the lifts of a session or of a sub-group of it. */
type OnLifts = (edit: LiftEdit) => void;

/** Who is there, each with what the session gives and what is planned. */
type People = readonly Member[];

/** The main lifts, in order: for everybody, and for each sub-group its own. */
export function SessionLifts({
  session,
  people,
  gym,
  onEdit,
}: {
  session: Session;
  people: People;
  gym: GymKit;
  onEdit: (edit: SessionEdit) => void;
}) {
  const shared = { session, gym, onEdit };
  const inNone = people.filter((p) => liftsFor(session, p.athlete.id) === session.lifts);
  const hasParts = session.subGroups.length > 0;
  return (
    <>
      {hasParts && (
        <h2 className="section-title mt-4">
          {inNone.length === people.length ? "Lifts for everybody" : `Everybody else, ${inNone.length}`}
        </h2>
      )}
      <LiftRow {...shared} lifts={session.lifts} people={inNone} label="Lifts for everybody" />
      {session.subGroups.map((group, of) => (
        <SubGroupRow
          // biome-ignore lint/suspicious/noArrayIndexKey: a sub-group is its place; two may have one name
          key={of}
          {...{ ...shared, group, of, people }}
        />
      ))}
      <AddSubGroup {...{ session, people, onEdit }} />
    </>
  );
}

/** The lifts of some, in order. */
function LiftRow({
  session,
  lifts,
  people,
  of,
  gym,
  onEdit,
  label,
}: {
  session: Session;
  lifts: readonly SessionLift[];
  people: People;
  of?: number;
  gym: GymKit;
  onEdit: (edit: SessionEdit) => void;
  label: string;
}) {
  const onLifts: OnLifts = (edit) => onEdit({ ...edit, ...(of !== undefined && { of }) });
  return (
    <section aria-label={label} className="mt-2 flex flex-wrap items-start gap-x-10 gap-y-2">
      {lifts.map((lift, at) => (
        <OneLift
          // biome-ignore lint/suspicious/noArrayIndexKey: a lift is its place; the same one may come twice
          key={at}
          {...{ session, lift, at, people, of, gym }}
          count={lifts.length}
          onEdit={onLifts}
        />
      ))}
      {lifts.length < MOST_LIFTS && (
        <AddLift
          className="pt-0.5"
          onAdd={(lift) => onLifts({ kind: "add-lift", lift: { lift, scheme: null, pairedWithNext: false } })}
        />
      )}
    </section>
  );
}

/** People of a session to be ticked. */
const ticksOf = (people: People) =>
  people.map(({ athlete: { id, name, group } }) => ({ id, label: name, heading: group, words: group }));

/** A sub-group: its name, who is in it, and its lifts. */
function SubGroupRow({
  session,
  group,
  of,
  people,
  gym,
  onEdit,
}: {
  session: Session;
  group: SubGroup;
  of: number;
  people: People;
  gym: GymKit;
  onEdit: (edit: SessionEdit) => void;
}) {
  const [isTicking, setTicking] = useState(false);
  const here = people.filter((p) => group.athleteIds.includes(p.athlete.id));
  const change = (to: Partial<SubGroup>) => onEdit({ kind: "change-sub-group", of, change: to });
  return (
    <div className="mt-4 border-t border-line pt-2">
      <div className="flex flex-wrap items-end gap-x-4">
        <TextField
          className="w-44"
          label={`Sub-group ${of + 1}`}
          value={group.name}
          format={String}
          parse={parseName}
          onChange={(name) => change({ name })}
        />
        <span className="pb-1.5 text-ink-soft">
          {here.length === 0 ? "Nobody yet." : here.map((p) => p.athlete.name).join(", ")}
        </span>
        <Button look="bare" onClick={() => setTicking(true)}>
          Choose people
        </Button>
        <IconButton
          label={`Remove sub-group ${group.name}`}
          onClick={() => onEdit({ kind: "remove-sub-group", of })}
        >
          <X aria-hidden className="size-4" />
        </IconButton>
      </div>
      <LiftRow
        {...{ session, gym, onEdit, of }}
        lifts={group.lifts}
        people={here}
        label={`Lifts of ${group.name}`}
      />
      <TickSheet
        title={`People of ${group.name}`}
        placeholder="Type a name"
        items={ticksOf(people)}
        ticked={group.athleteIds}
        mayBeNone
        action={() => "Take these"}
        open={isTicking}
        onOpenChange={setTicking}
        onTake={(athleteIds) => change({ athleteIds })}
      />
    </div>
  );
}

/** Gives some of those who take part lifts of their own. */
function AddSubGroup({
  session,
  people,
  onEdit,
}: {
  session: Session;
  people: People;
  onEdit: (edit: SessionEdit) => void;
}) {
  const [isOpen, setOpen] = useState(false);
  const { subGroups } = session;
  if (people.length < 2 || subGroups.length >= MOST_SUB_GROUPS) return null;
  return (
    <>
      <Button look="bare" className="mt-1 -ml-3" onClick={() => setOpen(true)}>
        <Plus aria-hidden className="size-4" />
        Other lifts for some
      </Button>
      <TickSheet
        title="Who has other lifts"
        placeholder="Type a name"
        items={ticksOf(people)}
        ticked={[]}
        action={() => "Make a sub-group"}
        open={isOpen}
        onOpenChange={setOpen}
        onTake={(athleteIds) =>
          onEdit({ kind: "add-sub-group", name: `Sub-group ${subGroups.length + 1}`, athleteIds })
        }
      />
    </>
  );
}

function OneLift({
  session,
  lift,
  at,
  count,
  people,
  of,
  gym,
  onEdit,
}: {
  session: Session;
  lift: SessionLift;
  at: number;
  count: number;
  people: People;
  of: number | undefined;
  gym: GymKit;
  onEdit: OnLifts;
}) {
  const catalog = useCatalog();
  const { unit } = gym;
  const [isAsking, setAsking] = useState(false);
  const { scheme } = lift;
  const known = knownLift(catalog, lift.lift);
  const { name } = known;
  const change = (to: Partial<SessionLift>) => onEdit({ kind: "change-lift", at, change: to });
  const isLast = at === count - 1;
  return (
    <div className="flex flex-col">
      <span className="flex items-center">
        <span className="mr-1.5 text-ink-faint">{at + 1}</span>
        <Choice
          label={`Lift ${at + 1}`}
          value={lift.lift}
          groups={liftGroups(catalog, lift.lift)}
          onChange={(id) => change({ lift: id })}
          triggerClassName="text-xl font-extrabold tracking-tight"
        />
        {count > 1 && (
          <span className="ml-1 flex">
            <IconButton
              label={`${name} earlier`}
              disabled={at === 0}
              onClick={() => onEdit({ kind: "move-lift", at, to: at - 1 })}
            >
              <ChevronLeft aria-hidden className="size-4" />
            </IconButton>
            <IconButton
              label={`${name} later`}
              disabled={isLast}
              onClick={() => onEdit({ kind: "move-lift", at, to: at + 1 })}
            >
              <ChevronRight aria-hidden className="size-4" />
            </IconButton>
            {!isLast && (
              <IconButton
                label={lift.pairedWithNext ? `${name}: not a superset` : `${name}: superset with next`}
                aria-pressed={lift.pairedWithNext}
                onClick={() => change({ pairedWithNext: !lift.pairedWithNext })}
              >
                {lift.pairedWithNext ? (
                  <Link2Off aria-hidden className="size-4 text-ember" />
                ) : (
                  <Link2 aria-hidden className="size-4" />
                )}
              </IconButton>
            )}
            <IconButton label={`Remove ${name}`} onClick={() => onEdit({ kind: "remove-lift", at })}>
              <X aria-hidden className="size-4" />
            </IconButton>
          </span>
        )}
      </span>
      <span className="flex min-h-8 items-end gap-x-4">
        {known.kind ? (
          <span className="min-h-8 pt-1 text-ink-soft">No working weight: the drills lead into it.</span>
        ) : scheme ? (
          <>
            <WholeStepper
              label="Sets"
              value={scheme.sets}
              range={LIMITS.sets}
              onChange={(sets) => change({ scheme: { ...scheme, sets } })}
            />
            <WholeStepper
              label="Reps"
              value={scheme.reps}
              range={LIMITS.reps}
              onChange={(reps) => change({ scheme: { ...scheme, reps } })}
            />
            <Stepper
              label="Load"
              value={scheme.load}
              format={(load) => formatLoad(load, unit)}
              parse={parseLoad}
              next={(load, direction) => stepLoad(load, direction, unit)}
              onChange={(load) => change({ scheme: { ...scheme, load } })}
              title={`A weight (${unit}), 80 %, 85 % TM, RIR 2 or RPE 8`}
              width="8ch"
            />
            <Button look="bare" className="-ml-2" onClick={() => change({ scheme: null })}>
              As last time
            </Button>
          </>
        ) : (
          <>
            <span className="flex min-h-8 items-center text-ink-soft">
              Sets and weight as each athlete did last time
            </span>
            <Button look="bare" className="-ml-2" onClick={() => setAsking(true)}>
              Same for all
            </Button>
            <SameForAll
              name={name}
              scheme={FIRST_SCHEME}
              moves={() =>
                weightMoves(
                  session,
                  people,
                  { kind: "change-lift", at, of, change: { scheme: FIRST_SCHEME } },
                  gym,
                  catalog,
                )
              }
              unit={unit}
              open={isAsking}
              onOpenChange={setAsking}
              onTake={() => change({ scheme: FIRST_SCHEME })}
            />
          </>
        )}
      </span>
      <LiftReach {...{ session, people, name }} lift={lift.lift} />
    </div>
  );
}
