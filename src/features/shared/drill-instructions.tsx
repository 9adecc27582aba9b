import type { Drill } from "@/core/catalog";
import { doseSeconds } from "@/core/dose";
import { formatSeconds } from "@/core/units";
import { FilmLink } from "./film-link";

/** How a drill is done: what to do, what to say, what to watch for, and its caution. */
export function DrillInstructions({
  drill,
}: {
  drill: Pick<Drill, "name" | "how" | "cues" | "faults" | "caution" | "film" | "dose">;
}) {
  return (
    <section className="max-w-prose">
      <h3 className="section-title mb-1">How</h3>
      <p className="text-ink-soft">{drill.how}</p>
      <ul className="mt-1.5 space-y-0.5">
        {drill.cues.map((cue) => (
          <li key={cue} className="flex gap-2">
            <span aria-hidden className="font-bold text-ink-faint">
              +
            </span>
            {cue}
          </li>
        ))}
        {drill.faults.map((fault) => (
          <li key={fault} className="flex gap-2 text-ink-soft">
            <span aria-hidden className="font-bold text-ember">
              –
            </span>
            <span>
              <span className="sr-only">Watch for: </span>
              {fault}
            </span>
          </li>
        ))}
      </ul>
      {drill.dose.pace && <RealTime dose={drill.dose} />}
      <FilmLink film={drill.film} name={drill.name} />
      {drill.caution && <p className="mt-2 bg-ochre-wash px-2 py-1.5">{drill.caution}</p>}
    </section>
  );
}

/** What a drill usually takes here, from the sessions on the floor. */
function RealTime({ dose }: Pick<Drill, "dose">) {
  const usual = { sets: dose.sets[1], amount: dose.amount[1] };
  const byParts = doseSeconds({ ...dose, pace: 1 }, usual);
  return (
    <p className="mt-2 text-ink-soft">
      Usually {formatSeconds(doseSeconds(dose, usual))} here, from what it took on the floor;{" "}
      {formatSeconds(byParts)} by its parts.
    </p>
  );
}
