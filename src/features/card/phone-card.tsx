import { format, parseISO } from "date-fns";
import { EQUIPMENT, kitInUse, PHASE_NAMES } from "@/core/catalog";
import { formatDose } from "@/core/dose";
import type { GymKit } from "@/core/gym";
import { type LiftPlan, planOfLift, stairOf } from "@/core/plan";
import { isBarKit } from "@/core/plates";
import { describeLoad } from "@/core/ramp";
import { arriveBy, type Session } from "@/core/session";
import { formatClock, formatSeconds, formatWeight } from "@/core/units";
import { Cautions } from "@/features/shared/cautions";
import { heatColour } from "@/features/shared/heat";
import { PlateStrip } from "@/features/shared/plate-strip";
import { SmallStair } from "@/features/shared/small-stair";
import type { MemberWarmUp } from "@/server/plans/plan-session";
import { cautionsOf } from "./cautions-of";

/** One athlete's card on a phone: the same as on paper, one under the other. */
export function PhoneCard({ session, gym, warmUp }: { session: Session; gym: GymKit; warmUp: MemberWarmUp }) {
  const { member, request, plan } = warmUp;
  const { athlete, draft } = member;
  const cautions = cautionsOf(warmUp, session);
  const { time } = session;
  return (
    <main className="mx-auto max-w-lg px-4 py-5 text-sm">
      <h1 className="text-2xl leading-tight font-extrabold tracking-tight">{athlete.name}</h1>
      <p className="text-ink-soft">
        {format(parseISO(session.day), "EEEE d MMMM")}
        {time && `, be there at ${arriveBy(time, request.minutes, plan.seconds)}, at the bar at ${time}`}
      </p>
      <div className="mt-4">
        <SmallStair
          stair={stairOf(planOfLift(plan, 0), request.minutes)}
          width={360}
          height={72}
          minutes={Math.max(request.minutes, plan.seconds / 60) + 1}
          label={`The warm-up as a stair: ${formatClock(plan.seconds)} of ${request.minutes} minutes`}
        />
      </div>
      {request.lifts.map(({ lift }, at) => {
        const d = draft.lifts[at]!;
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: a lift is its place; the same one may come twice
          <section key={at} className="mt-6">
            <h2 className="border-b-2 border-ink pb-1 text-lg font-bold tracking-tight">
              {lift.name}
              {!lift.kind && (
                <span className="condensed ml-2 font-medium text-ink-soft">
                  {d.sets} × {d.reps}
                </span>
              )}
            </h2>
            <LiftPart plan={planOfLift(plan, at)} gym={gym} hasKit={request.lifts[at]!.kit !== null} />
          </section>
        );
      })}
      <div className="mt-8">
        <Cautions cautions={cautions} />
      </div>
    </main>
  );
}

function LiftPart({ plan, gym, hasKit }: { plan: LiftPlan; gym: GymKit; hasKit: boolean }) {
  const leads = plan.blocks[plan.block]!.lifts[0] === plan.at;
  const steps = leads ? plan.steps.filter((s) => s.round === 1) : [];
  const ramp = plan.ramps[0];
  return (
    <>
      <ol>
        {steps.map((step, i) => {
          const kit = kitInUse(step.drill.equipment, gym.equipment);
          return (
            <li
              key={step.drill.id}
              className="grid grid-cols-[1.5rem_minmax(0,1fr)_auto] gap-x-2 border-b border-line py-2"
            >
              <span className="text-right font-semibold text-ink-faint">{i + 1}</span>
              <span className="min-w-0">
                <span className="font-semibold">{step.drill.name}</span>
                <span className="block text-xs text-ink-soft">
                  {PHASE_NAMES[step.phase]}
                  {kit.length > 0 && `, ${kit.map((k) => EQUIPMENT[k].toLowerCase()).join(", ")}`}.{" "}
                  {step.drill.cues[0]}
                </span>
              </span>
              <span className="condensed font-semibold whitespace-nowrap">
                {formatDose(step.dose)}
                {step.rounds > 1 && `, ${step.rounds} rounds`}
              </span>
            </li>
          );
        })}
      </ol>
      {!ramp && hasKit && <p className="py-2">No working weight yet: ask the coach before the ramp.</p>}
      {ramp && (
        <ol aria-label="Ramp">
          {[...ramp.sets, null].map((set, i) => {
            const load = set ?? ramp.working;
            return (
              <li
                key={set ? i : "work"}
                className="grid grid-cols-[6.5rem_minmax(0,1fr)_auto] items-center gap-x-2 border-b border-line border-l-4 py-2 pl-2"
                style={{ borderLeftColor: heatColour(set ? set.fraction : 1) }}
              >
                <span className={`condensed text-xl font-bold ${set ? "" : "text-ember"}`}>
                  {formatWeight(load.weight)} <span className="text-sm">{gym.unit}</span>
                </span>
                <span className="min-w-0">
                  {isBarKit(ramp.kit) && (
                    <span className="flex items-center gap-2">
                      <PlateStrip plates={gym.plates} perSide={load.perSide} scale={0.06} />
                      <span className="condensed">
                        {load.perSide.map(formatWeight).join(" + ") || "empty"}
                      </span>
                    </span>
                  )}
                  <span className="block text-xs text-ink-soft">
                    {describeLoad(ramp.kit, load, gym.unit)}
                  </span>
                </span>
                <span className="text-right">
                  <span className="condensed block font-semibold">{set ? `× ${set.reps}` : "work"}</span>
                  {set && (
                    <span className="block text-xs text-ink-soft">rest {formatSeconds(set.restSeconds)}</span>
                  )}
                </span>
              </li>
            );
          })}
        </ol>
      )}
    </>
  );
}
