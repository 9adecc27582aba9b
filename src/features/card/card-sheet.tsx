import { format, parseISO } from "date-fns";
import { Fragment } from "react";
import type { CardDrill, CardLift, CardRamp, CardView } from "@/core/card";
import type { GymKit } from "@/core/gym";
import { Cautions } from "@/features/shared/cautions";
import { PlateStrip } from "@/features/shared/plate-strip";
import { SmallStair } from "@/features/shared/small-stair";
import { FigureStrip } from "./figure-strip";
import { FitPage } from "./fit-page";

/** One athlete's warm-up on one page, for the floor and for print. */
export function CardSheet({ card, gym }: { card: CardView; gym: GymKit }) {
  const { day, time, arrive, takes, minutes, seconds, lifts } = card;
  return (
    <FitPage>
      <article
        data-theme="light"
        className="overflow-x-auto bg-field px-4 py-8 text-ink sm:px-10 print:overflow-visible print:p-0"
      >
        <div className="flex items-end justify-between gap-6 border-b-2 border-ink pb-2">
          <div>
            <h1 className="text-2xl leading-tight font-extrabold tracking-tight">{card.athlete}</h1>
            {lifts.map((lift, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: a lift is its place; the same one may come twice
              <p key={i} className="text-sm">
                <LiftLine lift={lift} />
              </p>
            ))}
          </div>
          <p className="text-right text-ink-soft">
            {format(parseISO(day), "EEEE d MMMM yyyy")}
            {time && `, ${time}`}
            <br />
            {arrive && `Arrive ${arrive}. `}
            The warm-up takes {takes}.
          </p>
        </div>
        <div className="pt-4 pb-2">
          <SmallStair
            stair={card.stair}
            width={720}
            height={92}
            minutes={Math.max(minutes, seconds / 60) + 1}
            label={`The warm-up as a stair: ${card.stairSays}`}
          />
        </div>
        {lifts.map((lift, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a lift is its place; the same one may come twice
          <section key={i} className="break-inside-avoid-page">
            {lifts.length > 1 && <h2 className="mt-4 text-base font-bold tracking-tight">{lift.name}</h2>}
            <FigureStrip lift={lift} />
            {lift.drills.length > 0 && <DrillTable drills={lift.drills} />}
            {lift.missing && <p className="mt-4 text-sm">{lift.missing}</p>}
            {lift.ramp && <RampTable ramp={lift.ramp} gym={gym} />}
          </section>
        ))}
        {card.coolDown && (
          <section className="mt-4 break-inside-avoid">
            <h2 className="text-base font-bold tracking-tight">
              Cool-down <span className="condensed font-medium text-ink-soft">{card.coolDown.takes}</span>
            </h2>
            <p className="text-sm">{card.coolDown.drills.join(" · ")}</p>
            {card.coolDown.longWork.length > 0 && (
              <p className="text-sm">
                <b>Long-term work:</b> {card.coolDown.longWork.join(" · ")}
              </p>
            )}
          </section>
        )}
        <div className="mt-3 grid grid-cols-[1fr_13rem] gap-8">
          <Cautions cautions={card.cautions} />
          <section>
            <h2 className="section-title">Notes</h2>
            {[0, 1, 2, 3].map((line) => (
              <div key={line} className="h-7 border-b border-line-strong" />
            ))}
          </section>
        </div>
      </article>
    </FitPage>
  );
}

function LiftLine({ lift: { name, working } }: { lift: CardLift }) {
  if (!working) return name;
  return (
    <>
      {name}, {working.sets}
      {working.load && (
        <>
          {" × "}
          <strong className="text-ember">{working.load}</strong>
        </>
      )}
      {working.backOffs}
    </>
  );
}

const HEAD = "border-b border-ink py-1 text-left text-xs font-semibold text-ink-soft";
const CELL = "border-b border-line py-[3px] print:py-[2px]";
const RAMP_CELL = "border-b border-line py-px align-middle";

function DrillTable({ drills }: { drills: readonly CardDrill[] }) {
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
        {drills.map((d) => (
          <Fragment key={d.id}>
            {d.opensCircuit && (
              <tr>
                <td className={CELL} />
                <th
                  colSpan={4}
                  scope="rowgroup"
                  className={`${CELL} condensed text-left text-sm font-semibold`}
                >
                  {d.opensCircuit}
                </th>
              </tr>
            )}
            <tr>
              <td className={`${CELL} w-11 text-ink-soft`}>{d.at}</td>
              <td className={`${CELL} pr-3 ${d.isInCircuit ? "pl-3" : ""}`}>
                {d.number !== null && (
                  <span className="condensed mr-1.5 font-semibold text-ink-faint">{d.number}</span>
                )}
                <strong className="font-semibold">{d.name}</strong>
                <span className="condensed text-ink-soft">
                  {d.opensPhase && ` ${d.phase.toLowerCase()}`}
                  {d.kit.length > 0 && ` (${d.kit.join(", ")})`}
                </span>
                {d.offers.map((offer) => (
                  <span key={offer} className="block text-xs text-ink-soft">
                    {offer}
                  </span>
                ))}
              </td>
              <td className={`${CELL} condensed max-w-60 pr-3 text-sm leading-tight font-semibold`}>
                {d.dose}
              </td>
              <td className={`${CELL} pr-2 text-xs text-ink-soft`}>{d.cue}</td>
              <td className={CELL}>
                <TickBox />
              </td>
            </tr>
          </Fragment>
        ))}
      </tbody>
    </table>
  );
}

function RampTable({ ramp: { hasPlates, rows }, gym }: { ramp: CardRamp; gym: GymKit }) {
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
        {rows.map((row, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a set is its place in the ramp
          <tr key={i} className="break-inside-avoid">
            <td
              className={`${RAMP_CELL} condensed pr-2 text-lg font-bold whitespace-nowrap ${row.isWork ? "text-ember" : ""}`}
            >
              {row.weight} {row.unit}
            </td>
            <td className={`${RAMP_CELL} pr-3 text-sm font-semibold`}>{row.reps}</td>
            {hasPlates && (
              <td className={`${RAMP_CELL} pr-3`}>
                <span className="flex items-center gap-2">
                  <PlateStrip plates={gym.plates} perSide={row.perSide} scale={0.08} />
                  <span className="condensed">{row.plates}</span>
                </span>
              </td>
            )}
            <td className={`${RAMP_CELL} pr-3 text-xs text-ink-soft`}>
              {row.change}
              {row.notes.length > 0 && (
                <span className="block font-semibold text-ink">{row.notes.join(". ")}.</span>
              )}
            </td>
            <td className={`${RAMP_CELL} whitespace-nowrap`}>{row.rest}</td>
            <td className={`${RAMP_CELL} border-l border-l-line`} />
            <td className={RAMP_CELL}>
              <TickBox />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function TickBox() {
  return <span aria-hidden className="block size-4 translate-y-0.5 border border-ink" />;
}
