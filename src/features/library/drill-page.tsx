import { useCatalog } from "@/client/catalog";
import { AREAS, type Drill, drillById, EQUIPMENT, PHASE_NAMES } from "@/core/catalog";
import { doseOf, formatDose } from "@/core/dose";
import { DrillInstructions } from "@/features/shared/drill-instructions";
import { DrillFigure } from "@/features/shared/figure";
import { feetOf } from "@/lib/lengths";
import { useConventions } from "@/ui/conventions";
import { DemandBars } from "./demand-bars";
import { DrillFilm, DrillWishes } from "./drill-wishes";

/** A drill to read: what it is for, how it is done, what is easier and harder. */
export function DrillPage({ drill, onDrill }: { drill: Drill; onDrill: (id: string) => void }) {
  const catalog = useCatalog();
  const { lengths } = useConventions();
  const [sets, amount] = [drill.dose.sets[1], drill.dose.amount[1]];
  const related = [
    ...(drill.easier ? [{ id: drill.easier, how: "Easier" }] : []),
    ...(drill.harder ? [{ id: drill.harder, how: "Harder" }] : []),
    ...drill.substitutes.map((id) => ({ id, how: "Alternative" })),
  ];
  const kit = drill.equipment.map((need) => need.map((e) => EQUIPMENT[e].toLowerCase()).join(" or "));
  return (
    <div className="grid-cols-[minmax(0,1fr)_auto] items-start gap-x-6 sm:grid">
      <article className="space-y-6">
        <header>
          <h2 className="text-2xl leading-tight font-bold tracking-tight">{drill.name}</h2>
          <p className="text-ink-soft">
            {drill.phases.map((p) => PHASE_NAMES[p]).join(", ")} · usually{" "}
            {formatDose(doseOf(drill.dose, { sets, amount }))}
            {kit.length > 0 && ` · needs ${kit.join(" and ")}`} · effort {drill.effort} of 5
            {drill.space !== undefined &&
              ` · ${lengths === "in" ? `${feetOf(drill.space)} ft` : `${drill.space} m`} of clear floor`}
            {drill.shoesOff && " · shoes off"}
            {drill.skill === "advanced" && " · has to be taught"}
            {drill.remedial && " · for limiters only"}
          </p>
        </header>
        <DrillInstructions drill={drill} />
        {drill.avoid.length > 0 && (
          <p className="text-ink-soft">
            Not with injuries of: {drill.avoid.map((a) => AREAS[a].toLowerCase()).join(", ")}.
          </p>
        )}
        <section>
          <h3 className="section-title mb-1">Serves</h3>
          <DemandBars weights={drill.serves} />
        </section>
        <DrillWishes drill={drill} />
        <DrillFilm drill={drill} />
        {related.length > 0 && (
          <section>
            <h3 className="section-title mb-1">Related drills</h3>
            <ul>
              {related.map(({ id, how }) => (
                <li key={`${how} ${id}`} className="flex gap-3 py-0.5">
                  <span className="w-16 text-ink-soft">{how}</span>
                  <button
                    type="button"
                    onClick={() => onDrill(id)}
                    className="min-h-6 font-semibold underline underline-offset-4 hover:text-ember"
                  >
                    {drillById(catalog, id)?.name ?? id}
                  </button>
                </li>
              ))}
            </ul>
          </section>
        )}
      </article>
      <DrillFigure
        drill={drill}
        moves="always"
        isTurned
        label={`${drill.name}: ${drill.how}`}
        className="w-44 justify-self-end sm:w-60"
      />
    </div>
  );
}
