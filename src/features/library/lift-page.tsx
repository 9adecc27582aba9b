import { AREAS, type Implement, type Lift } from "@/core/catalog";
import { additionsFor } from "@/core/ramp";
import { DemandBars } from "./demand-bars";

const IMPLEMENTS: Record<Implement, string> = {
  barbell: "Barbell",
  dumbbells: "Dumbbells",
  machine: "Plate machine",
  stack: "Stack machine",
  bodyweight: "One's own body",
  none: "No weight of its own",
};

/** A lift to read: what it asks of the body, what it loads, what its ramp has to know. */
export function LiftPage({ lift }: { lift: Lift }) {
  const additions = additionsFor(lift);
  const facts = [
    IMPLEMENTS[lift.implement],
    ...(lift.fromFloor ? ["from the floor"] : []),
    ...(lift.spotted ? ["with safeties and a spotter when heavy"] : []),
  ];
  return (
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
    </article>
  );
}
