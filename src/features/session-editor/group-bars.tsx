"use client";

import { UserRound, X } from "lucide-react";
import { useCatalog } from "@/client/catalog";
import { knownLift } from "@/core/catalog";
import type { GroupPlan, MemberPlan } from "@/core/group";
import type { MemberReady, OwnPart, SessionEdit, SessionReady } from "@/core/session";
import { formatClock, formatSeconds, formatWeight } from "@/core/units";
import { heatColour } from "@/features/shared/heat";
import type { Member } from "@/server/sessions/open-session";
import { IconButton } from "@/ui/button";
import { Link } from "@/ui/link";
import { TickBox } from "@/ui/tick-box";

const ROW = 34;
const HEAD = 22;
/** A ramp set is drawn at least so high that its weight can be read. */
const LEAST_SET = 16;
/** Drills warm from cold up to this heat; the ramp goes on from there. */
const DRILL_HEAT = 0.4;

/** Who does what when: a row for each member, time across, the shared drills by their numbers. */
export function GroupBars({
  sessionId,
  plan,
  ready,
  together,
  members,
  minutes,
  isOld,
  onEdit,
  onAbout,
}: {
  sessionId: string;
  plan: GroupPlan | null;
  /** When each lifts and is ready where bars are shared; null: not known yet. */
  ready: SessionReady | null;
  /** Whether they share a sequence of drills. */
  together: boolean;
  members: readonly Member[];
  minutes: number;
  isOld: boolean;
  onEdit: (edit: SessionEdit) => void;
  onAbout: (athlete: { id: string; name: string }) => void;
}) {
  const catalog = useCatalog();
  const end = Math.max(minutes * 60, ready?.seconds ?? plan?.seconds ?? 0) + 20;
  const at = (seconds: number) => `${(100 * seconds) / end}%`;
  const ticks = Array.from({ length: Math.floor(end / 60) + 1 }, (_, m) => m);
  return (
    // On a narrow screen time keeps its width and scrolls; the names stay.
    <div className="relative mt-5 overflow-x-auto border-b border-line">
      <div className="grid min-w-[46rem] grid-cols-[9rem_minmax(0,1fr)] sm:grid-cols-[15rem_minmax(0,1fr)]">
        <span aria-hidden style={{ height: HEAD }} />
        <div aria-hidden className="relative overflow-hidden" style={{ height: HEAD }}>
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
        {members.map(({ athlete, draft, absent, own }) => {
          const row = plan?.members.find((m) => m.id === athlete.id);
          const lift = knownLift(catalog, draft.lifts[0]!.lift).name;
          const { weight } = draft.lifts[0]!;
          return (
            <div key={athlete.id} className="contents">
              <div
                className="group sticky left-0 z-10 flex min-w-0 items-center gap-2 border-t border-line bg-chalk pr-1"
                style={{ height: ROW }}
              >
                <TickBox
                  label={`${athlete.name} is present`}
                  isOn={!absent}
                  onChange={() => onEdit({ kind: "absent", athleteId: athlete.id, absent: !absent })}
                />
                <Link
                  href={`/session/${sessionId}/${athlete.id}`}
                  className={`min-w-0 flex-1 leading-tight hover:text-ember ${absent ? "text-ink-faint line-through" : ""}`}
                >
                  <span className="block truncate font-semibold">{athlete.name}</span>
                  <span className="condensed block truncate text-2xs text-ink-soft">
                    {lift}
                    {weight !== null && ` ${formatWeight(weight)}`}
                    {own.length > 0 && (
                      <span className="font-semibold text-ochre-deep">
                        {" "}
                        · own {own.map((o) => OWN_WORDS[o]).join(", ")}
                      </span>
                    )}
                  </span>
                </Link>
                <IconButton
                  label={`About ${athlete.name}`}
                  className="-mr-1 max-sm:hidden"
                  onClick={() => onAbout(athlete)}
                >
                  <UserRound aria-hidden className="size-4" />
                </IconButton>
                <IconButton
                  label={`Remove ${athlete.name}`}
                  className="-ml-1 opacity-0 group-hover:opacity-100 focus-visible:opacity-100"
                  onClick={() => onEdit({ kind: "remove-participant", athleteId: athlete.id })}
                >
                  <X aria-hidden className="size-4" />
                </IconButton>
              </div>
              <div
                className={`relative border-t border-line ${isOld ? "grayscale" : ""}`}
                style={{ height: ROW }}
              >
                {row && !absent && plan && (
                  <MemberBars
                    {...{ row, plan, together, end, minutes }}
                    ready={ready?.members.find((m) => m.id === athlete.id) ?? null}
                  />
                )}
              </div>
            </div>
          );
        })}
      </div>
    </div>
  );
}

/** What is different for one, in a word. */
const OWN_WORDS: Record<OwnPart, string> = {
  lifts: "lifts",
  weights: "weights",
  minutes: "time",
  approach: "approach",
  room: "room",
  drills: "drills",
  ramp: "ramp",
};

/** A ramp set in time, with what of it is waiting for a bar. */
function setsInTime({ ramps, drillSeconds }: MemberPlan, ready: MemberReady | null) {
  const sets = ramps[0]?.sets ?? [];
  let clock = drillSeconds;
  return sets.map((set, i) => {
    const onBar = ready?.sets?.[i];
    const startsAt = onBar?.startsAt ?? clock;
    clock = (onBar?.endsAt ?? startsAt + set.seconds) + (onBar ? 0 : set.restSeconds);
    const waited = onBar?.waitedSeconds ?? 0;
    return { set, startsAt, wide: onBar ? onBar.endsAt - startsAt : set.seconds + set.restSeconds, waited };
  });
}

function MemberBars({
  row,
  plan,
  ready,
  together,
  end,
  minutes,
}: {
  row: MemberPlan;
  plan: GroupPlan;
  ready: MemberReady | null;
  together: boolean;
  end: number;
  minutes: number;
}) {
  const at = (seconds: number) => `${(100 * seconds) / end}%`;
  const ramp = row.ramps[0];
  const sets = setsInTime(row, ready);
  const readyAt = ready?.readyAt ?? row.seconds;
  const waited = row.waitingSeconds + sets.reduce((sum, s) => sum + s.waited, 0);
  const label = row.steps
    .map(
      (s) => `${formatClock(s.startsAt)} ${s.name}${s.kind === "shared" || !together ? "" : `, ${s.kind}`}`,
    )
    .join("; ");
  return (
    <div
      role="img"
      aria-label={`${row.name}: ${label}. Ready at ${formatClock(readyAt)}${waited > 0 ? `, waits ${formatSeconds(waited)}` : ""}`}
      className="absolute inset-0"
    >
      {row.steps.map((step, i) => {
        const number = together ? plan.shared.findIndex((s) => s.drill === step.of) + 1 : i + 1;
        const isPersonal = together && step.kind === "personal";
        const heat = (DRILL_HEAT * (step.startsAt + step.seconds)) / Math.max(1, row.drillSeconds);
        return (
          <span
            key={`${step.startsAt}`}
            title={`${formatClock(step.startsAt)} ${step.name}${step.kind === "shared" || !together ? "" : ` (${step.kind})`}`}
            className={`condensed absolute bottom-0 flex items-start justify-center overflow-hidden border-t-4 text-2xs leading-tight ${
              isPersonal ? "font-bold text-ember" : "text-ink-soft"
            }`}
            style={{
              left: at(step.startsAt),
              width: `calc(${at(step.seconds)} - 1px)`,
              height: step.kind === "shared" || !together ? ROW * 0.56 : ROW * 0.78,
              borderColor: isPersonal ? "var(--ember)" : heatColour(heat),
              borderTopStyle: step.kind === "substitute" ? "double" : "solid",
              backgroundColor: isPersonal ? "var(--ember-wash)" : heatColour(heat, 0.22),
            }}
          >
            {isPersonal ? "own" : step.kind === "substitute" ? `${number}*` : number}
          </span>
        );
      })}
      {row.tests.map((t) => (
        <span
          key={`test ${t.startsAt}`}
          title={`${formatClock(t.startsAt)} Test: ${t.drill.name}`}
          className="absolute bottom-0 border-t-4 border-dotted border-ink-faint"
          style={{ left: at(t.startsAt), width: `calc(${at(t.seconds)} - 1px)`, height: ROW * 0.4 }}
        />
      ))}
      {sets
        .filter((s) => s.waited > 0)
        .map(({ startsAt, waited: seconds }) => (
          <span
            key={`waits ${startsAt}`}
            title={`Waits ${formatSeconds(seconds)} for the bar`}
            className="absolute bottom-0 h-1.5 bg-[repeating-linear-gradient(135deg,var(--line-strong)_0_1px,transparent_1px_4px)]"
            style={{ left: at(startsAt - seconds), width: at(seconds) }}
          />
        ))}
      {sets.map(({ set, startsAt, wide }) => (
        <span
          key={startsAt}
          className={`condensed absolute bottom-0 border-t-[3px] pl-px text-2xs leading-tight font-bold whitespace-nowrap ${ready?.sets ? "" : "overflow-hidden"}`}
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
        <span className="absolute bottom-0 w-1 bg-ember" style={{ left: at(readyAt), height: ROW - 2 }} />
      )}
      <span
        className="absolute inset-y-0 w-px border-l border-dashed border-ink"
        style={{ left: at(minutes * 60) }}
      />
    </div>
  );
}
