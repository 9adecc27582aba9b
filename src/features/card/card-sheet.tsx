import { format, parseISO } from "date-fns";
import { EQUIPMENT, kitInUse, type Lift, PHASE_NAMES } from "@/core/catalog";
import { formatDose } from "@/core/dose";
import type { DraftLift } from "@/core/draft";
import type { GymKit } from "@/core/gym";
import { type LiftPlan, type Plan, type PlannedLift, planOfLift, stairOf } from "@/core/plan";
import { isBarKit } from "@/core/plates";
import { describeLoad } from "@/core/ramp";
import { arriveBy, type Session } from "@/core/session";
import { formatClock, formatSeconds, formatWeight } from "@/core/units";
import { Cautions } from "@/features/shared/cautions";
import { PlateStrip } from "@/features/shared/plate-strip";
import { SmallStair } from "@/features/shared/small-stair";
import type { MemberWarmUp } from "@/server/plans/plan-session";
import { cautionsOf } from "./cautions-of";

/** One athlete's warm-up on one page, for the floor and for print. */
export function CardSheet({ session, gym, warmUp }: { session: Session; gym: GymKit; warmUp: MemberWarmUp }) {
  const { member, request, plan } = warmUp;
  const { draft, athlete } = member;
  const { day, time } = session;
  const { minutes } = request;
  const stair = stairOf(planOfLift(plan, 0), minutes);
  const cautions = cautionsOf(warmUp, session);
  return (
    <article
      data-theme="light"
      className="overflow-x-auto bg-field px-4 py-8 text-ink sm:px-10 print:overflow-visible print:p-0"
    >
      <div className="flex items-end justify-between gap-6 border-b-2 border-ink pb-2">
        <div>
          <h1 className="text-2xl leading-tight font-extrabold tracking-tight">{athlete.name}</h1>
          {draft.lifts.map((d, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a lift is its place; the same one may come twice
            <p key={i} className="text-sm">
              <LiftLine lift={request.lifts[i]!.lift} draft={d} unit={gym.unit} />
            </p>
          ))}
        </div>
        <p className="text-right text-ink-soft">
          {format(parseISO(day), "EEEE d MMMM yyyy")}
          {time && `, ${time}`}
          <br />
          {time ? `Be there at ${arriveBy(time, minutes, plan.seconds)}. ` : ""}
          The warm-up takes {formatClock(plan.seconds)}.
        </p>
      </div>
      <div className="pt-4 pb-2">
        <SmallStair
          stair={stair}
          width={720}
          height={92}
          minutes={Math.max(minutes, plan.seconds / 60) + 1}
          label={`The warm-up as a stair: ${formatClock(plan.seconds)} of ${minutes} minutes`}
        />
      </div>
      {request.lifts
        .map((planned, at) => ({ planned, part: planOfLift(plan, at) }))
        .map(({ planned, part }) => (
          <LiftPart key={part.at} plan={part} planned={planned} gym={gym} named={request.lifts.length > 1} />
        ))}
      <div className="mt-3 grid grid-cols-[1fr_13rem] gap-8">
        <Cautions cautions={cautions} />
        <section>
          <h2 className="section-title">Notes</h2>
          {[0, 1, 2, 3].map((line) => (
            <div key={line} className="h-7 border-b border-line-strong" />
          ))}
        </section>
      </div>
    </article>
  );
}

function LiftLine({ lift, draft, unit }: { lift: Lift; draft: DraftLift; unit: string }) {
  if (lift.kind) return lift.name;
  return (
    <>
      {lift.name}, {draft.sets} × {draft.reps}
      {draft.weight !== null && (
        <>
          {" × "}
          <strong className="text-ember">
            {formatWeight(draft.weight)} {unit}
          </strong>
        </>
      )}
      {draft.backOffs.map((b) => `, then ${b.sets} × ${b.reps} × ${formatWeight(b.weight)}`).join("")}
    </>
  );
}

/** Drills and ramp before one lift; of two in turns the drills stand with the first. */
function LiftPart({
  plan,
  planned: { lift, kit, additions },
  gym,
  named,
}: {
  plan: LiftPlan;
  planned: PlannedLift;
  gym: GymKit;
  named: boolean;
}) {
  const leads = plan.blocks[plan.block]!.lifts[0] === plan.at;
  return (
    <section className="break-inside-avoid-page">
      {named && <h2 className="mt-4 text-base font-bold tracking-tight">{lift.name}</h2>}
      {leads && <DrillTable plan={plan} equipment={gym.equipment} />}
      {kit && <RampTable plan={plan} gym={gym} noted={(additions ?? []).length > 0} />}
    </section>
  );
}

const HEAD = "border-b border-ink py-1 text-left text-xs font-semibold text-ink-soft";
const CELL = "border-b border-line py-[3px] print:py-[2px]";
const RAMP_CELL = "border-b border-line py-px align-middle";

function DrillTable({ plan, equipment }: { plan: Plan; equipment: GymKit["equipment"] }) {
  const steps = plan.steps.filter((s) => s.round === 1);
  if (steps.length === 0) return null;
  return (
    <table className="w-full border-collapse">
      <caption className="sr-only">Drills</caption>
      <thead>
        <tr>
          <th className={HEAD}>At</th>
          <th className={HEAD}>Drill</th>
          <th className={HEAD}>Dose</th>
          <th className={HEAD}>Cue</th>
          <th className={`${HEAD} w-10`}>Done</th>
        </tr>
      </thead>
      <tbody>
        {steps.map((step, i) => {
          const kit = kitInUse(step.drill.equipment, equipment);
          return (
            <tr key={step.drill.id}>
              <td className={`${CELL} w-11 text-ink-soft`}>{formatClock(step.startsAt)}</td>
              <td className={`${CELL} pr-3`}>
                <strong className="font-semibold">{step.drill.name}</strong>
                <span className="condensed text-ink-soft">
                  {steps[i - 1]?.phase !== step.phase && ` ${PHASE_NAMES[step.phase].toLowerCase()}`}
                  {kit.length > 0 && ` (${kit.map((k) => EQUIPMENT[k].toLowerCase()).join(", ")})`}
                </span>
              </td>
              <td className={`${CELL} condensed pr-3 text-sm font-semibold whitespace-nowrap`}>
                {formatDose(step.dose)}
                {step.rounds > 1 && `, ${step.rounds} rounds`}
              </td>
              <td className={`${CELL} pr-2 text-xs text-ink-soft`}>{step.drill.cues[0]}</td>
              <td className={CELL}>
                <TickBox />
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

function RampTable({
  plan,
  gym,
  noted,
}: {
  plan: Plan;
  gym: GymKit;
  /** Whether each set says how it is done. */
  noted: boolean;
}) {
  const ramp = plan.ramps[0];
  if (!ramp) return <p className="mt-4 text-sm">No working weight yet: ask the coach before the ramp.</p>;
  const sets = [...ramp.sets, null];
  const hasPlates = isBarKit(ramp.kit);
  return (
    <table className="mt-4 w-full border-collapse">
      <caption className="sr-only">Ramp</caption>
      <thead>
        <tr>
          <th className={HEAD}>Ramp</th>
          <th className={HEAD}>Reps</th>
          {hasPlates && <th className={HEAD}>Plates, one side</th>}
          <th className={HEAD}>{hasPlates ? "Change" : "Load"}</th>
          <th className={HEAD}>Rest</th>
          <th className={`${HEAD} w-24`}>How it felt</th>
          <th className={`${HEAD} w-10`}>Done</th>
        </tr>
      </thead>
      <tbody>
        {sets.map((set, i) => {
          const load = set ?? ramp.working;
          return (
            <tr key={set ? i : "work"} className="break-inside-avoid">
              <td
                className={`${RAMP_CELL} condensed pr-2 text-lg font-bold whitespace-nowrap ${set ? "" : "text-ember"}`}
              >
                {formatWeight(load.weight)} {gym.unit}
              </td>
              <td className={`${RAMP_CELL} pr-3 text-sm font-semibold`}>{set ? `× ${set.reps}` : "work"}</td>
              {hasPlates && (
                <td className={`${RAMP_CELL} pr-3`}>
                  <span className="flex items-center gap-2">
                    <PlateStrip plates={gym.plates} perSide={load.perSide} scale={0.08} />
                    <span className="condensed">{load.perSide.map(formatWeight).join(" + ") || "empty"}</span>
                  </span>
                </td>
              )}
              <td className={`${RAMP_CELL} pr-3 text-xs text-ink-soft`}>
                {describeLoad(ramp.kit, load, gym.unit)}
                {noted && set && set.notes.length > 0 && (
                  <span className="block font-semibold text-ink">{set.notes.join(". ")}.</span>
                )}
              </td>
              <td className={`${RAMP_CELL} whitespace-nowrap`}>
                {set ? formatSeconds(set.restSeconds) : ""}
              </td>
              <td className={`${RAMP_CELL} border-l border-l-line`} />
              <td className={RAMP_CELL}>
                <TickBox />
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

function TickBox() {
  return <span aria-hidden className="block size-4 translate-y-0.5 border border-ink" />;
}
