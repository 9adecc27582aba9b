"use client";

import { useMemo, useState } from "react";
import { useCatalog } from "@/client/catalog";
import { type Approach, knownApproach, PHASE_NAMES } from "@/core/catalog";
import { DEMANDS } from "@/core/demands";
import { type PlanRequest, planOfLift, planWarmUp, stairInWords, stairOf, summaryOf } from "@/core/plan";
import { counted, formatClock } from "@/core/units";
import { approachGroups } from "@/features/shared/lift-groups";
import { SmallStair } from "@/features/shared/small-stair";
import { Button } from "@/ui/button";
import { Choice } from "@/ui/choice";
import { Sheet, SheetClose } from "@/ui/sheet";

const STAIR_WIDTH = 400;

/** Two approaches side by side, for this athlete and session. */
export function CompareDialog({
  open,
  onOpenChange,
  request,
  onApproach,
}: {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  request: PlanRequest;
  onApproach: (id: string) => void;
}) {
  return (
    <Sheet
      title="Two approaches to this session"
      open={open}
      onOpenChange={onOpenChange}
      className="max-h-[94dvh] w-[68rem] overflow-y-auto"
    >
      <SheetClose asChild>
        <Button className="absolute top-5 right-6">Close</Button>
      </SheetClose>
      <Columns request={request} onApproach={onApproach} onDone={() => onOpenChange(false)} />
    </Sheet>
  );
}

function Columns({
  request,
  onApproach,
  onDone,
}: {
  request: PlanRequest;
  onApproach: (id: string) => void;
  onDone: () => void;
}) {
  const catalog = useCatalog();
  const [left, setLeft] = useState(request.approach.id);
  const [right, setRight] = useState(() => catalog.approaches.find((a) => a.id !== request.approach.id)!.id);
  const [a, b] = [useColumn(request, left), useColumn(request, right)];
  const minutes = Math.max(request.minutes, a.plan.seconds / 60, b.plan.seconds / 60) + 1;
  return (
    <div className="grid gap-x-10 gap-y-8 sm:grid-cols-2">
      {[
        { ...a, id: left, set: setLeft },
        { ...b, id: right, set: setRight },
      ].map((column, i) => (
        <Column
          // biome-ignore lint/suspicious/noArrayIndexKey: the left and the right column
          key={i}
          {...column}
          isCurrent={column.id === request.approach.id}
          minutes={minutes}
          available={request.minutes}
          name={i === 0 ? "Left approach" : "Right approach"}
          onUse={() => {
            onApproach(column.id);
            onDone();
          }}
        />
      ))}
    </div>
  );
}

function useColumn(request: PlanRequest, id: string) {
  const catalog = useCatalog();
  const approach = knownApproach(catalog, id);
  const plan = useMemo(() => planWarmUp({ ...request, approach, taken: undefined }), [request, approach]);
  return { approach, plan };
}

function Column({
  approach,
  plan,
  id,
  set,
  name,
  minutes,
  available,
  isCurrent,
  onUse,
}: {
  approach: Approach;
  plan: ReturnType<typeof planWarmUp>;
  id: string;
  set: (id: string) => void;
  name: string;
  minutes: number;
  available: number;
  isCurrent: boolean;
  onUse: () => void;
}) {
  const catalog = useCatalog();
  const summary = summaryOf(plan);
  const first = plan.steps.filter((s) => s.block === 0 && s.round === 1);
  const over = plan.seconds > available * 60;
  const stair = stairOf(planOfLift(plan, 0), available);
  return (
    <section aria-label={approach.name} className="min-w-0">
      <div className="flex min-h-9 items-center justify-between gap-3">
        <Choice
          label={name}
          value={id}
          groups={approachGroups(catalog, id)}
          onChange={set}
          triggerClassName="text-lg font-bold tracking-tight"
        />
        {isCurrent ? (
          <span className="text-ink-faint">in use</span>
        ) : (
          <Button look="main" onClick={onUse}>
            Use this approach
          </Button>
        )}
      </div>
      <p className="mt-1 min-h-10 max-w-[30rem] text-ink-soft">{approach.belief}</p>
      <SmallStair
        stair={stair}
        width={STAIR_WIDTH}
        height={84}
        minutes={minutes}
        label={stairInWords(stair)}
      />
      <dl className="mt-3 grid grid-cols-[auto_1fr] gap-x-5 gap-y-0.5">
        <Fact name="To the first working set" value={formatClock(plan.seconds)} loud={over} />
        <Fact
          name="Drills"
          value={`${summary.drills}${summary.rounds > 1 ? `, ${summary.rounds} rounds` : ""}`}
        />
        <Fact
          name="Ramp"
          value={`${counted(summary.rampSets, "set")}, ${formatClock(summary.rampSeconds)}`}
        />
        <Fact name="Needs covered" value={`${Math.round(100 * summary.servedShare)} %`} />
        <Fact
          name="Barely covered"
          value={summary.unserved.map((d) => DEMANDS[d].name.toLowerCase()).join(", ") || "nothing"}
        />
        <Fact name="Cut first when late" value={approach.givesUp} />
      </dl>
      <ol className="mt-3 columns-1 border-t border-line pt-2 text-xs leading-relaxed">
        {first.map((s, i) => (
          <li key={s.drill.id} className="flex gap-2">
            <span className="condensed w-16 shrink-0 text-ink-faint">
              {first[i - 1]?.phase !== s.phase && PHASE_NAMES[s.phase]}
            </span>
            <span className="min-w-0 truncate font-medium">{s.drill.name}</span>
          </li>
        ))}
        {first.length === 0 && <li className="text-ink-soft">No drills: straight to the ramp.</li>}
      </ol>
    </section>
  );
}

function Fact({ name, value, loud = false }: { name: string; value: string; loud?: boolean }) {
  return (
    <>
      <dt className="text-ink-soft">{name}</dt>
      <dd className={`font-semibold ${loud ? "text-ember" : ""}`}>{value}</dd>
    </>
  );
}
