import { format, parseISO } from "date-fns";
import type { ReactNode } from "react";
import type { CardLift, CardView } from "@/core/card";
import type { GymKit } from "@/core/gym";
import { Cautions } from "@/features/shared/cautions";
import { heatColour } from "@/features/shared/heat";
import { PlateStrip } from "@/features/shared/plate-strip";
import { SmallStair } from "@/features/shared/small-stair";
import { PhoneDrill } from "./phone-drill";

/** One athlete's card on a phone: the same as on paper, one under the other. */
export function PhoneCard({
  card,
  gym,
  live,
}: {
  card: CardView;
  gym: GymKit;
  /** What is on now, above all that is planned; absent: the session does not run. */
  live?: ReactNode;
}) {
  const { time, arrive, minutes, seconds } = card;
  return (
    <main className="mx-auto max-w-lg px-4 py-5 text-sm">
      <h1 className="text-2xl leading-tight font-extrabold tracking-tight">{card.athlete}</h1>
      <p className="text-ink-soft">
        {format(parseISO(card.day), "EEEE d MMMM")}
        {time && `. Arrive ${arrive}, lifting ${time}`}
      </p>
      <div className="mt-4">
        {live ?? (
          <SmallStair
            stair={card.stair}
            width={360}
            height={72}
            minutes={Math.max(minutes, seconds / 60) + 1}
            label={`The warm-up as a stair: ${card.stairSays}`}
          />
        )}
      </div>
      {/* A session that runs has the plan that it was started with. */}
      {(live ? [] : card.lifts).map((lift, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a lift is its place; the same one may come twice
        <section key={i} className="mt-6">
          <h2 className="border-b-2 border-ink pb-1 text-lg font-bold tracking-tight">
            {lift.name}
            {lift.working && (
              <span className="condensed ml-2 font-medium text-ink-soft">{lift.working.sets}</span>
            )}
          </h2>
          <LiftPart lift={lift} gym={gym} />
        </section>
      ))}
      {!live && card.coolDown && (
        <section className="mt-6">
          <h2 className="border-b-2 border-ink pb-1 text-lg font-bold tracking-tight">
            Cool-down
            <span className="condensed ml-2 font-medium text-ink-soft">{card.coolDown.takes}</span>
          </h2>
          <ol>
            {card.coolDown.drills.map((d) => (
              <li key={d} className="border-b border-line py-2">
                {d}
              </li>
            ))}
          </ol>
          {card.coolDown.longWork.length > 0 && (
            <>
              <h3 className="mt-3 font-semibold">Long-term work</h3>
              <ol>
                {card.coolDown.longWork.map((d) => (
                  <li key={d} className="border-b border-line py-2">
                    {d}
                  </li>
                ))}
              </ol>
            </>
          )}
        </section>
      )}
      <div className="mt-8">
        <Cautions cautions={card.cautions} />
      </div>
    </main>
  );
}

function LiftPart({ lift: { drills, ramp, missing }, gym }: { lift: CardLift; gym: GymKit }) {
  return (
    <>
      <ol>
        {drills.map((d) => (
          <PhoneDrill key={d.id} drill={d} />
        ))}
      </ol>
      {missing && <p className="py-2">{missing}</p>}
      {ramp && (
        <ol aria-label="Ramp">
          {ramp.rows.map((row, i) => (
            <li
              // biome-ignore lint/suspicious/noArrayIndexKey: a set is its place in the ramp
              key={i}
              className="grid grid-cols-[6.5rem_minmax(0,1fr)_auto] items-center gap-x-2 border-b border-line border-l-4 py-2 pl-2"
              style={{ borderLeftColor: heatColour(row.fraction) }}
            >
              <span className={`condensed text-xl font-bold ${row.isWork ? "text-ember" : ""}`}>
                {row.weight} <span className="text-sm">{row.unit}</span>
              </span>
              <span className="min-w-0">
                {ramp.hasPlates && (
                  <span className="flex items-center gap-2">
                    <PlateStrip plates={gym.plates} perSide={row.perSide} scale={0.06} />
                    <span className="condensed">{row.plates}</span>
                  </span>
                )}
                <span className="block text-xs text-ink-soft">{row.change}</span>
              </span>
              <span className="text-right">
                <span className="condensed block font-semibold">{row.reps}</span>
                {row.rest && <span className="block text-xs text-ink-soft">rest {row.rest}</span>}
              </span>
            </li>
          ))}
        </ol>
      )}
    </>
  );
}
