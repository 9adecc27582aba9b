import { catalog } from "@/catalog";
import { drillById, EQUIPMENT, kitInUse, PHASE_NAMES } from "@/core/catalog";
import { formatDose } from "@/core/dose";
import type { GroupPlan } from "@/core/group";
import { formatClock } from "@/core/units";
import type { GymKit } from "@/core/warm-up";
import type { GroupAthlete } from "@/server/open-group";

/** What all do together, in order, who does something else instead, and what each does alone. */
export function GroupSheet({
  plan,
  members,
  gym,
  minutes,
}: {
  plan: GroupPlan;
  members: readonly GroupAthlete[];
  gym: GymKit;
  minutes: number;
}) {
  const nameOf = (id: string) => members.find((m) => m.athlete.id === id)?.athlete.name.split(" ")[0] ?? id;
  const drillName = (id: string) => drillById(catalog, id)?.name ?? id;
  const slowest = plan.members.reduce((a, b) =>
    b.seconds - b.drillSeconds > a.seconds - a.drillSeconds ? b : a,
  );
  const left = minutes * 60 - (slowest.seconds - slowest.drillSeconds);
  const personal = plan.members
    .map((m) => ({ ...m, own: m.steps.filter((s) => s.kind === "personal") }))
    .filter((m) => m.own.length > 0);
  return (
    <div className="mt-6 grid gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
      <section>
        <h2 className="section-title">Together</h2>
        <p className="mb-1 text-xs text-ink-soft">
          {left > 0
            ? `The longest ramp, ${slowest.name.split(" ")[0]}'s, leaves ${formatClock(left)} for what all do together.`
            : `The longest ramp, ${slowest.name.split(" ")[0]}'s, takes all of the ${minutes} min.`}
        </p>
        <ol>
          {plan.shared.map((s, i) => {
            const kit = kitInUse(drillById(catalog, s.drill)!.equipment, gym.equipment);
            return (
              <li
                key={s.drill}
                className="grid grid-cols-[1.5rem_minmax(0,1fr)_auto] gap-x-2 border-t border-line py-1"
              >
                <span className="text-right font-semibold text-ink-faint">{i + 1}</span>
                <span className="min-w-0">
                  <span className="font-semibold">{s.name}</span>{" "}
                  {plan.shared[i - 1]?.phase !== s.phase && (
                    <span className="condensed text-ink-faint">{PHASE_NAMES[s.phase]}</span>
                  )}
                  <span className="block text-xs text-ink-soft">
                    {s.reason}
                    {kit.length > 0 && ` With ${kit.map((k) => EQUIPMENT[k].toLowerCase()).join(" and ")}.`}
                    {s.turns > 1 && " In two turns."}
                  </span>
                  {s.substitutes.length > 0 && (
                    <span className="block text-xs">
                      <span className="font-semibold">{i + 1}*</span>{" "}
                      {s.substitutes
                        .map((o) => `${nameOf(o.member)}: ${o.drill ? drillName(o.drill) : "rests"}`)
                        .join("; ")}
                    </span>
                  )}
                </span>
                <span className="condensed text-sm font-medium whitespace-nowrap">{formatDose(s.dose)}</span>
              </li>
            );
          })}
        </ol>
        {plan.shared.length === 0 && (
          <p className="text-ink-soft">No drills together: the time goes into the ramps.</p>
        )}
      </section>
      <section>
        <h2 className="section-title mb-1">Each alone</h2>
        {personal.length === 0 && <p className="text-ink-soft">Nobody needs a drill of their own today.</p>}
        <ul>
          {personal.map((m) => (
            <li key={m.id} className="border-t border-line py-1">
              <span className="font-semibold">{m.name}</span>
              {m.own.map((s) => (
                <span key={s.drill} className="flex justify-between gap-3 text-xs">
                  <span className="min-w-0 text-ink-soft">
                    <span className="text-ink">{s.name}.</span> {s.reason}
                  </span>
                  <span className="condensed font-medium whitespace-nowrap">{formatDose(s.dose)}</span>
                </span>
              ))}
            </li>
          ))}
        </ul>
        {plan.members.some((m) => m.waitingSeconds > 0) && (
          <p className="mt-3 text-ink-soft">
            Waiting for a machine:{" "}
            {plan.members
              .filter((m) => m.waitingSeconds > 0)
              .map((m) => `${m.name.split(" ")[0]} ${m.waitingSeconds} s`)
              .join(", ")}
            .
          </p>
        )}
      </section>
    </div>
  );
}
