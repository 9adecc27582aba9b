"use client";

import { catalog } from "@/catalog";
import type { GroupPlan, MemberPlan } from "@/core/group";
import { formatClock, formatWeight } from "@/core/units";
import type { GroupAthlete } from "@/server/open-group";
import { heatColour } from "@/ui/heat";

const ROW = 34;
const HEAD = 22;
/** A ramp set is drawn at least so high that its weight can be read. */
const LEAST_SET = 16;
/** Drills warm from cold up to this heat; the ramp goes on from there. */
const DRILL_HEAT = 0.4;

/** Who does what when: a row for each member, time across, the shared drills by their numbers. */
export function GroupBars({
  plan,
  members,
  away,
  minutes,
  isOld,
  onToggle,
}: {
  plan: GroupPlan | null;
  members: readonly GroupAthlete[];
  away: ReadonlySet<string>;
  minutes: number;
  isOld: boolean;
  onToggle: (id: string) => void;
}) {
  const end = Math.max(minutes * 60, plan?.seconds ?? 0) + 20;
  const at = (seconds: number) => `${(100 * seconds) / end}%`;
  const ticks = Array.from({ length: Math.floor(end / 60) + 1 }, (_, m) => m);
  return (
    <div className="mt-5 grid grid-cols-[13rem_minmax(0,1fr)] border-b border-line">
      <span aria-hidden style={{ height: HEAD }} />
      <div aria-hidden className="relative" style={{ height: HEAD }}>
        {ticks.map((m) => (
          <span
            key={m}
            className="condensed absolute bottom-0 border-l border-ink pl-1 text-2xs leading-none whitespace-nowrap text-ink-faint"
            style={{ left: at(m * 60), height: m % 5 === 0 ? HEAD - 8 : 6 }}
          >
            {m % 5 === 0 && `${m} min`}
          </span>
        ))}
      </div>
      {members.map(({ athlete, draft }) => {
        const isAway = away.has(athlete.id);
        const row = plan?.members.find((m) => m.id === athlete.id);
        const lift = catalog.lifts.find((l) => l.id === draft.lifts[0]!.lift)?.name;
        const { weight } = draft.lifts[0]!;
        return (
          <div key={athlete.id} className="contents">
            <label
              className="flex min-w-0 items-center gap-2 border-t border-line pr-3"
              style={{ height: ROW }}
            >
              <input
                type="checkbox"
                checked={!isAway}
                onChange={() => onToggle(athlete.id)}
                className="size-4 shrink-0 accent-ember"
              />
              <span className={`min-w-0 flex-1 leading-tight ${isAway ? "text-ink-faint line-through" : ""}`}>
                <span className="block truncate font-semibold">{athlete.name}</span>
                <span className="condensed block truncate text-2xs text-ink-soft">
                  {lift}
                  {weight !== null && ` ${formatWeight(weight)}`}
                </span>
              </span>
            </label>
            <div
              className={`relative border-t border-line ${isOld ? "opacity-50" : ""}`}
              style={{ height: ROW }}
            >
              {row && !isAway && plan && <MemberBars row={row} plan={plan} end={end} minutes={minutes} />}
            </div>
          </div>
        );
      })}
    </div>
  );
}

function MemberBars({
  row,
  plan,
  end,
  minutes,
}: {
  row: MemberPlan;
  plan: GroupPlan;
  end: number;
  minutes: number;
}) {
  const at = (seconds: number) => `${(100 * seconds) / end}%`;
  const ramp = row.ramps[0];
  let clock = row.drillSeconds;
  const sets = (ramp?.sets ?? []).map((set) => {
    const startsAt = clock;
    clock += set.seconds + set.restSeconds;
    return { set, startsAt, wide: set.seconds + set.restSeconds };
  });
  const label = row.steps
    .map((s) => `${formatClock(s.startsAt)} ${s.name}${s.kind === "shared" ? "" : `, ${s.kind}`}`)
    .join("; ");
  return (
    <div
      role="img"
      aria-label={`${row.name}: ${label}. Ready at ${formatClock(row.seconds)}${row.waitingSeconds > 0 ? `, waits ${row.waitingSeconds} s` : ""}`}
      className="absolute inset-0"
    >
      {row.steps.map((step) => {
        const number = plan.shared.findIndex((s) => s.drill === step.of) + 1;
        const heat = (DRILL_HEAT * (step.startsAt + step.seconds)) / Math.max(1, row.drillSeconds);
        return (
          <span
            key={`${step.startsAt}`}
            title={`${formatClock(step.startsAt)} ${step.name}${step.kind === "shared" ? "" : ` (${step.kind})`}`}
            className={`condensed absolute bottom-0 flex items-start justify-center overflow-hidden border-t-4 text-2xs leading-tight ${
              step.kind === "personal" ? "font-bold text-ember" : "text-ink-soft"
            }`}
            style={{
              left: at(step.startsAt),
              width: `calc(${at(step.seconds)} - 1px)`,
              height: step.kind === "shared" ? ROW * 0.56 : ROW * 0.78,
              borderColor: step.kind === "personal" ? "var(--color-ember)" : heatColour(heat),
              borderTopStyle: step.kind === "substitute" ? "double" : "solid",
              backgroundColor: step.kind === "personal" ? "var(--color-ember-wash)" : heatColour(heat, 0.22),
            }}
          >
            {step.kind === "personal" ? "own" : step.kind === "substitute" ? `${number}*` : number}
          </span>
        );
      })}
      {sets.map(({ set, startsAt, wide }) => (
        <span
          key={startsAt}
          className="condensed absolute bottom-0 overflow-hidden border-t-[3px] pl-px text-2xs leading-tight font-bold"
          style={{
            left: at(startsAt),
            width: `calc(${at(wide)} - 1px)`,
            height: Math.max(LEAST_SET, set.fraction * (ROW - 3)),
            borderColor: heatColour(DRILL_HEAT + (1 - DRILL_HEAT) * set.fraction),
            backgroundColor: heatColour(DRILL_HEAT + (1 - DRILL_HEAT) * set.fraction, 0.24),
          }}
        >
          {formatWeight(set.weight)}
        </span>
      ))}
      {ramp && (
        <span className="absolute bottom-0 w-1 bg-ember" style={{ left: at(row.seconds), height: ROW - 2 }} />
      )}
      <span
        className="absolute inset-y-0 w-px border-l border-dashed border-ink"
        style={{ left: at(minutes * 60) }}
      />
    </div>
  );
}
