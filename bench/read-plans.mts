import { catalog } from "@/catalog";
import { formatDose } from "@/core/dose";
import { planWarmUp } from "@/core/plan";
import { formatClock, formatWeight, weight } from "@/core/units";
import { type GymKit, planRequestFor, startDraft } from "@/core/warm-up";
import { hall } from "@/demo/hall";
import { groups } from "@/demo/people";

/** Prints the demo members' plans of today for reading; names after the command choose some of them. */
const wanted = process.argv.slice(2);
const gym: GymKit = {
  ...hall,
  bar: { name: hall.bar.name, weight: weight(hall.bar.weight), collar: weight(hall.bar.collar) },
  plates: hall.plates.map((p) => ({ ...p, weight: weight(p.weight) })),
};

for (const member of groups.flatMap((g) => g.athletes)) {
  if (!member.today || (wanted.length > 0 && !wanted.includes(member.id))) continue;
  const athlete = {
    ...member,
    group: "",
    unit: "kg" as const,
    birthYear: null,
    bodyWeight: weight(member.bodyWeight),
    note: "",
    areas: member.areas.map(([area, level]) => ({ area, level })),
    workingWeights: member.weights.map(([lift, kg, reps, sets, rir]) => ({
      lift,
      weight: weight(kg),
      reps,
      sets,
      rir,
      day: "",
    })),
  };
  const draft = startDraft(athlete, gym, member.today);
  const plan = planWarmUp(planRequestFor(draft, athlete, gym, catalog));
  const areas = member.areas.map((a) => a.join(" ")).join(", ");
  console.log(
    `\n${member.name}, ${member.age}, ${member.experience}; ${member.limiters.join(", ") || "no limiter"}; ${areas || "no area"}`,
  );
  console.log(
    `${draft.lift} ${draft.sets} × ${draft.reps} × ${draft.weight === null ? "?" : formatWeight(draft.weight)}, ${draft.minutes} min, ${draft.approach}: ${formatClock(plan.seconds)}`,
  );
  for (const step of plan.steps) {
    console.log(
      `${formatClock(step.startsAt).padStart(6)} ${step.phase.padEnd(9)} ${step.drill.name.padEnd(34)} ${formatDose(step.dose).padEnd(24)} ${step.reason}`,
    );
  }
  const sets = plan.ramps[0]?.sets.map(
    (s) => `${formatWeight(s.weight)} × ${s.reps} (${s.perSide.map(formatWeight).join("+")})`,
  );
  console.log(`       ${sets?.join(" · ") ?? "no ramp"}`);
  for (const finding of plan.findings) console.log(`       ! ${finding.message}`);
}
