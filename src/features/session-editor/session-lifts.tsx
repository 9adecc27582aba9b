"use client";

import { ChevronLeft, ChevronRight, Link2, Link2Off, X } from "lucide-react";
import { useCatalog } from "@/client/catalog";
import { knownLift } from "@/core/catalog";
import { LIMITS, MOST_LIFTS } from "@/core/draft";
import {
  formatLoad,
  parseLoad,
  type Session,
  type SessionEdit,
  type SessionLift,
  stepLoad,
} from "@/core/session";
import type { UnitSystem } from "@/core/units";
import { AddLift } from "@/features/shared/add-lift";
import { liftGroups } from "@/features/shared/lift-groups";
import { Button, IconButton } from "@/ui/button";
import { Choice } from "@/ui/choice";
import { Stepper } from "@/ui/stepper";
import { WholeStepper } from "@/ui/whole-stepper";

/** What the same sets for all start from. */
const FIRST_SCHEME = { sets: 3, reps: 5, load: { kind: "reserve", rir: 2 } } as const;

/** The main lifts for everybody, in order: as each did last, or the same sets for all. */
export function SessionLifts({
  session,
  unit,
  onEdit,
}: {
  session: Session;
  unit: UnitSystem;
  onEdit: (edit: SessionEdit) => void;
}) {
  return (
    <section aria-label="Lifts for everybody" className="mt-2 flex flex-wrap items-start gap-x-10 gap-y-2">
      {session.lifts.map((lift, at) => (
        <OneLift
          // biome-ignore lint/suspicious/noArrayIndexKey: a lift is its place; the same one may come twice
          key={at}
          lift={lift}
          at={at}
          count={session.lifts.length}
          unit={unit}
          onEdit={onEdit}
        />
      ))}
      {session.lifts.length < MOST_LIFTS && (
        <AddLift
          className="pt-0.5"
          onAdd={(lift) => onEdit({ kind: "add-lift", lift: { lift, scheme: null, pairedWithNext: false } })}
        />
      )}
    </section>
  );
}

function OneLift({
  lift,
  at,
  count,
  unit,
  onEdit,
}: {
  lift: SessionLift;
  at: number;
  count: number;
  unit: UnitSystem;
  onEdit: (edit: SessionEdit) => void;
}) {
  const catalog = useCatalog();
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
            <Button look="bare" className="-ml-2" onClick={() => change({ scheme: FIRST_SCHEME })}>
              Same for all
            </Button>
          </>
        )}
      </span>
    </div>
  );
}
