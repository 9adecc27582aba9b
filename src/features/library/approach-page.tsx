import { useCatalog } from "@/client/catalog";
import { type Approach, PHASE_NAMES } from "@/core/catalog";
import { RAMP_STYLES } from "@/core/ramp";
import { ApproachCuts } from "./approach-cuts-later";
import { whenAsked } from "./approach-jobs";
import { ApproachSample } from "./approach-sample-later";
import { approachWork } from "./approach-work";

/** An approach to read: what it holds, what it does, what it gives up. */
export function ApproachPage({ approach }: { approach: Approach }) {
  const { typicalMinutes, rampStyle, phases, pace, onlySlots, slots } = approach;
  const work = approachWork(approach, useCatalog());
  const facts: readonly [string, string][] = [
    ["Idea", approach.belief],
    ["What it does", approach.summary],
    ["Cut first", `${approach.givesUp.charAt(0).toUpperCase()}${approach.givesUp.slice(1)}`],
    ["Phases", phases.map((p) => PHASE_NAMES[p.phase]).join(", ")],
    ["Ramp", `${RAMP_STYLES[rampStyle].name}. ${RAMP_STYLES[rampStyle].description}`],
    [
      "Drills",
      `${pace.from}, and one more every ${pace.every} seconds; at most ${pace.most}${onlySlots ? ". Nothing but its jobs and the limiters" : ""}`,
    ],
    ...(work.length > 0 ? [["Work", work.join(" ")] satisfies [string, string]] : []),
    ["Takes", `${typicalMinutes.from} to ${typicalMinutes.to} minutes`],
  ];
  return (
    <article className="space-y-5">
      <h2 className="text-2xl leading-tight font-bold tracking-tight">{approach.name}</h2>
      <dl className="grid max-w-prose gap-x-6 gap-y-3 text-sm sm:grid-cols-[7rem_minmax(0,1fr)]">
        {facts.map(([what, text]) => (
          <div key={what} className="contents">
            <dt className="text-ink-soft">{what}</dt>
            <dd>{text}</dd>
          </div>
        ))}
        {slots.length > 0 && (
          <>
            <dt className="text-ink-soft">Jobs</dt>
            <dd>
              <ul>
                {slots.map((slot) => (
                  <li key={`${slot.phase} ${slot.name}`}>
                    {slot.name}
                    <span className="text-ink-soft">
                      {" "}
                      ({PHASE_NAMES[slot.phase].toLowerCase()}, {whenAsked(slot)}
                      {slot.offers && ", the athlete takes one of three"})
                    </span>
                  </li>
                ))}
              </ul>
            </dd>
          </>
        )}
      </dl>
      <ApproachCuts approach={approach} />
      <ApproachSample approach={approach} />
    </article>
  );
}
