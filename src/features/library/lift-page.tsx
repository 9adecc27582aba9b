import { AREAS, type Lift } from "@/core/catalog";
import { additionsFor } from "@/core/ramp";
import { LiftFigure } from "@/features/shared/figure";
import { DemandBars } from "./demand-bars";
import { IMPLEMENT_NAMES } from "./implement-names";
import { LiftWishes } from "./lift-wishes";

/** A lift to read: what it asks of the body, what it loads, what its ramp has to know. */
export function LiftPage({ lift }: { lift: Lift }) {
  const additions = additionsFor(lift);
  const facts = [
    IMPLEMENT_NAMES[lift.implement],
    ...(lift.fromFloor ? ["from the floor"] : []),
    ...(lift.spotted ? ["with safeties and a spotter when heavy"] : []),
  ];
  return (
    <div className="grid-cols-[minmax(0,1fr)_auto] items-start gap-x-6 sm:grid">
      <article className="space-y-6">
        <header>
          <h2 className="text-2xl leading-tight font-bold tracking-tight">{lift.name}</h2>
          <p className="text-ink-soft">{facts.join(", ")}</p>
        </header>
        <section>
          <h3 className="section-title mb-1">Asks for</h3>
          <DemandBars weights={lift.asks} />
        </section>
        {lift.loads.length > 0 && (
          <section>
            <h3 className="section-title mb-1">Loads</h3>
            <p>{lift.loads.map((a) => AREAS[a]).join(", ")}</p>
          </section>
        )}
        {additions.length > 0 && (
          <section>
            <h3 className="section-title mb-1">Can be ramped with</h3>
            <ul className="max-w-prose space-y-1">
              {additions.map((a) => (
                <li key={a.id}>
                  <span className="font-semibold">{a.name}.</span> {a.description}
                </li>
              ))}
            </ul>
          </section>
        )}
        <LiftWishes lift={lift} />
      </article>
      <LiftFigure
        lift={lift}
        moves="always"
        isTurned
        label={`${lift.name}: its main positions`}
        className="w-44 justify-self-end sm:w-60"
      />
    </div>
  );
}
