"use client";

import { Pin, PinOff, Trash2 } from "lucide-react";
import { Fragment, useMemo } from "react";
import { useCatalog } from "@/client/catalog";
import { drillById, EQUIPMENT, kitInUse, PHASE_NAMES } from "@/core/catalog";
import { formatDose } from "@/core/dose";
import { ownDoseOf, rowMove, rowsOf } from "@/core/draft";
import { TEST_LIMITS, type TestStep } from "@/core/drills";
import type { GroupPlan } from "@/core/group";
import type { GymKit } from "@/core/gym";
import { circuitsOf } from "@/core/plan";
import { type Session, type SessionEdit, sharedRows } from "@/core/session";
import { formatClock } from "@/core/units";
import { AddDrill } from "@/features/shared/add-drill";
import { CircuitHead, rowId } from "@/features/shared/circuit-head";
import { CoolDownChoice } from "@/features/shared/cool-down-choice";
import { Dropped } from "@/features/shared/dropped";
import { NEW_TEST } from "@/features/shared/new-test";
import type { Member } from "@/server/sessions/open-session";
import { IconButton } from "@/ui/button";
import { DragList, DragRow } from "@/ui/drag-list";
import { SharedDose } from "./shared-dose";
import { SharedTest } from "./shared-test";
import { SwapDrill } from "./swap-drill";

const NOTHING: readonly string[] = [];

/** What all do together, in order, who does something else instead, and what each does alone. */
export function GroupSheet({
  plan,
  members,
  gym,
  session,
  onEdit,
}: {
  plan: GroupPlan;
  members: readonly Member[];
  gym: GymKit;
  session: Session;
  onEdit: (edit: SessionEdit) => void;
}) {
  const catalog = useCatalog();
  const { minutes } = session;
  const people = useMemo(
    () => members.map(({ athlete }) => ({ name: athlete.name.split(" ")[0]!, athlete })),
    [members],
  );
  const planned = useMemo(() => plan.shared.map((s) => s.drill), [plan]);
  const nameOf = (id: string) => members.find((m) => m.athlete.id === id)?.athlete.name.split(" ")[0] ?? id;
  const drillName = (id: string) => drillById(catalog, id)?.name ?? id;
  const slowest = plan.members.reduce((a, b) =>
    b.seconds - b.drillSeconds > a.seconds - a.drillSeconds ? b : a,
  );
  const rows = rowsOf(plan.shared);
  const circuits = circuitsOf(plan.shared);
  const listed = sharedRows(plan, session, catalog);
  const named = plan.shared.map((s) => ({ id: s.drill, name: s.name }));
  const changeTests = (to: readonly TestStep[]) => onEdit({ kind: "tests", tests: to });
  /** The tests before the first drill, or right after one. */
  const testsAt = (after: string | null) => {
    const from = listed.findIndex((r) => r.kind === "drill" && r.shared.drill === after) + 1;
    const rest = listed.slice(from);
    const end = rest.findIndex((r) => r.kind === "drill");
    const here = rest.slice(0, end < 0 ? undefined : end).flatMap((r) => (r.kind === "test" ? [r] : []));
    return here.map(({ key, test }) => (
      <SharedTest
        key={key}
        test={test}
        drills={named}
        onChange={(to) => changeTests(session.tests.with(test.index, to))}
        onDrop={() => changeTests(session.tests.toSpliced(test.index, 1))}
      />
    ));
  };
  const left = minutes * 60 - (slowest.seconds - slowest.drillSeconds);
  const personal = plan.members
    .map((m) => ({ ...m, own: m.steps.filter((s) => s.kind === "personal") }))
    .filter((m) => m.own.length > 0);
  return (
    <div className="mt-6 grid gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
      <section>
        <h2 className="section-title">Shared drills</h2>
        <p className="mb-1 text-xs text-ink-soft">
          {left > 0
            ? `The longest ramp, ${slowest.name.split(" ")[0]}'s, leaves ${formatClock(left)} for the shared drills.`
            : `The longest ramp, ${slowest.name.split(" ")[0]}'s, takes all of the ${minutes} min.`}
        </p>
        <DragList
          onMove={(moved, to) => {
            const move = rowMove(
              plan.shared,
              rows.findIndex((r) => rowId(r) === moved),
              to,
            );
            if (move) onEdit(move);
          }}
        >
          <ol>
            {testsAt(null)}
            {rows.map((row, place) => {
              if (row.kind === "circuit") {
                const circuit = circuits.find((c) => c.key === row.key)!;
                return <CircuitHead key={rowId(row)} circuit={circuit} index={place} />;
              }
              const i = plan.shared.findIndex((o) => o.drill === row.drill);
              const s = plan.shared[i]!;
              const kit = kitInUse(drillById(catalog, s.drill)!.equipment, gym.equipment);
              const isKept = session.own.some((o) => o.drill === s.drill);
              const offers = listed.flatMap((r) => (r.kind === "drill" && r.shared === s ? r.offers : []));
              return (
                <Fragment key={s.drill}>
                  <DragRow
                    id={s.drill}
                    index={place}
                    name={s.name}
                    className={`grid grid-cols-[2rem_1.25rem_minmax(0,1fr)] gap-x-2 sm:grid-cols-[2rem_1.25rem_minmax(0,1fr)_auto] border-t border-line py-1 ${s.circuit ? "border-l-2 border-l-ochre-deep" : ""}`}
                  >
                    <span className="pt-1.5 text-right font-semibold text-ink-faint">{i + 1}</span>
                    <span className="min-w-0 pt-1.5">
                      <span className="font-semibold">{s.name}</span>{" "}
                      {plan.shared[i - 1]?.phase !== s.phase && (
                        <span className="condensed text-ink-faint">{PHASE_NAMES[s.phase]}</span>
                      )}
                      <span className="block text-xs text-ink-soft">
                        {offers.length > 0 && (
                          <span className="font-medium text-ink">{offers.join(" ")} </span>
                        )}
                        {s.reason}
                        {kit.length > 0 &&
                          ` With ${kit.map((k) => EQUIPMENT[k].toLowerCase()).join(" and ")}.`}
                        {s.turns > 1 && " In two turns."}
                      </span>
                      {s.substitutes.length > 0 && (
                        <span className="block text-xs">
                          <span className="font-semibold">{i + 1}*</span>{" "}
                          {s.substitutes
                            .map((o) => `${nameOf(o.member)}: ${o.drill ? drillName(o.drill) : "rests"}`)
                            .join("; ")}
                        </span>
                      )}
                    </span>
                    <span className="flex items-start gap-x-2 max-sm:col-start-3 max-sm:justify-between">
                      <SharedDose
                        shared={s}
                        plan={plan}
                        minutes={minutes}
                        nameOf={drillName}
                        onEdit={onEdit}
                      />
                      <span className="flex">
                        <IconButton
                          label={isKept ? `Unpin ${s.name}` : `Pin ${s.name}`}
                          aria-pressed={isKept}
                          onClick={() =>
                            onEdit(
                              isKept
                                ? { kind: "reset-drill", drill: s.drill }
                                : { kind: "pin", drill: s.drill, dose: ownDoseOf(s) },
                            )
                          }
                        >
                          {isKept ? (
                            <PinOff aria-hidden className="size-4 text-ember" />
                          ) : (
                            <Pin aria-hidden className="size-4" />
                          )}
                        </IconButton>
                        <SwapDrill drill={s.drill} name={s.name} plan={plan} onEdit={onEdit} />
                        <IconButton
                          label={`Drop ${s.name}`}
                          onClick={() => onEdit({ kind: "drop", drill: s.drill })}
                        >
                          <Trash2 aria-hidden className="size-4" />
                        </IconButton>
                      </span>
                    </span>
                  </DragRow>
                  {testsAt(s.drill)}
                </Fragment>
              );
            })}
          </ol>
        </DragList>
        <span className="flex flex-wrap gap-x-6">
          <AddDrill
            people={people}
            gym={gym}
            planned={planned}
            onAdd={(drill) => onEdit({ kind: "pin", drill })}
          />
          {session.tests.length < TEST_LIMITS.tests && (
            <AddDrill
              title="Add a test"
              hotkey="e"
              once
              people={people}
              gym={gym}
              planned={NOTHING}
              onAdd={(drill) => changeTests([...session.tests, { ...NEW_TEST, drill }])}
            />
          )}
          <span className="ml-auto">
            <CoolDownChoice
              value={session.coolDown}
              onChange={(coolDown) => onEdit({ kind: "frame", change: { coolDown } })}
            />
          </span>
        </span>
        <Dropped drills={session.dropped} onRestore={(drill) => onEdit({ kind: "reset-drill", drill })} />
        {plan.shared.length === 0 && (
          <p className="text-ink-soft">No shared drills: the time goes into the ramps.</p>
        )}
      </section>
      <section>
        <h2 className="section-title mb-1">Individual drills</h2>
        {personal.length === 0 && <p className="text-ink-soft">Nobody needs an individual drill today.</p>}
        <ul>
          {personal.map((m) => (
            <li key={m.id} className="border-t border-line py-1">
              <span className="font-semibold">{m.name}</span>
              {m.own.map((s) => (
                <span key={s.drill} className="flex justify-between gap-3 text-xs">
                  <span className="min-w-0 text-ink-soft">
                    <span className="text-ink">{s.name}.</span> {s.reason}
                  </span>
                  <span className="condensed font-medium whitespace-nowrap">{formatDose(s.dose)}</span>
                </span>
              ))}
            </li>
          ))}
        </ul>
        {plan.members.some((m) => m.waitingSeconds > 0) && (
          <p className="mt-3 text-ink-soft">
            Waiting for a machine:{" "}
            {plan.members
              .filter((m) => m.waitingSeconds > 0)
              .map((m) => `${m.name.split(" ")[0]} ${m.waitingSeconds} s`)
              .join(", ")}
            .
          </p>
        )}
      </section>
    </div>
  );
}
