import { type Approach, PHASE_NAMES } from "@/core/catalog";
import { RAMP_STYLES } from "@/core/ramp";

/** An approach to read: what it holds, what it does, what it gives up. */
export function ApproachPage({ approach }: { approach: Approach }) {
  const { typicalMinutes, rampStyle, phases } = approach;
  const facts: readonly [string, string][] = [
    ["Idea", approach.belief],
    ["What it does", approach.summary],
    ["Cut first", `${approach.givesUp.charAt(0).toUpperCase()}${approach.givesUp.slice(1)}`],
    ["Phases", phases.map((p) => PHASE_NAMES[p.phase]).join(", ")],
    ["Ramp", `${RAMP_STYLES[rampStyle].name}. ${RAMP_STYLES[rampStyle].description}`],
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
      </dl>
    </article>
  );
}
