import { format, parseISO } from "date-fns";
import { ageOn } from "@/core/athlete";
import { type Lift, PHASE_NAMES } from "@/core/catalog";
import { formatDose } from "@/core/dose";
import { cautionsFor, type LiftPlan, planOfLift } from "@/core/plan";
import { isBarKit } from "@/core/plates";
import { describeLoad, loadUnit } from "@/core/ramp";
import { formatClock, formatSeconds, formatWeight, type UnitSystem } from "@/core/units";
import type { OpenWarmUp } from "../sessions/open-session";
import { warmUpOf } from "./plan-session";

/** Characters that Markdown takes for its own, written so that they stand for themselves. */
function text(of: string): string {
  return of.replaceAll(/[\\`*_{}[\]<>#|]/g, "\\$&").replaceAll(/\s+/g, " ");
}

const row = (cells: readonly string[]) => `| ${cells.join(" | ")} |`;
const table = (heads: readonly string[], rows: readonly (readonly string[])[]) =>
  [row(heads), row(heads.map(() => "---")), ...rows.map(row)].join("\n");

/** One athlete's warm-up as Markdown, with what stands on the card. */
export function planMarkdown(opened: OpenWarmUp): string {
  const { request, plan } = warmUpOf(opened, opened.member);
  const { gym, session } = opened;
  const { athlete } = opened.member;
  const { day } = session;
  const cautions = cautionsFor({
    lifts: request.lifts.map((l) => l.lift),
    drills: plan.steps.map((s) => s.drill),
    areas: athlete.areas,
    age: ageOn(athlete.birthYear, day),
  });
  const parts = request.lifts.flatMap(({ lift }, at) => liftPart(lift, planOfLift(plan, at), gym.unit));
  return `${[
    `# ${text(athlete.name)}`,
    `${format(parseISO(day), "EEEE d MMMM yyyy")}, the warm-up takes ${formatClock(plan.seconds)}`,
    ...parts,
    ...(cautions.length > 0 ? ["## Cautions", cautions.map((c) => `- ${text(c.message)}`).join("\n")] : []),
  ].join("\n\n")}\n`;
}

function liftPart(lift: Lift, plan: LiftPlan, unit: UnitSystem): string[] {
  const leads = plan.blocks[plan.block]!.lifts[0] === plan.at;
  const drills = leads ? plan.steps.filter((s) => s.round === 1) : [];
  const ramp = plan.ramps[0];
  const parts = [`## ${text(lift.name)}`];
  if (drills.length > 0) {
    parts.push(
      table(
        ["At", "Drill", "Phase", "Dose", "Cue"],
        drills.map((s) => [
          formatClock(s.startsAt),
          text(s.drill.name),
          PHASE_NAMES[s.phase],
          formatDose(s.dose) + (s.rounds > 1 ? `, ${s.rounds} rounds` : ""),
          text(s.drill.cues[0] ?? ""),
        ]),
      ),
    );
  }
  if (ramp) {
    const named = loadUnit(ramp.kit, unit);
    const platesOf = (perSide: readonly Parameters<typeof formatWeight>[0][]) =>
      isBarKit(ramp.kit) ? [perSide.map(formatWeight).join(" + ") || "empty"] : [];
    const rows = [...ramp.sets, null].map((set) => {
      const load = set ?? ramp.working;
      return [
        `${formatWeight(load.weight)} ${named}`,
        set ? `× ${set.reps}` : "work",
        ...platesOf(load.perSide),
        describeLoad(ramp.kit, load, unit),
        set ? formatSeconds(set.restSeconds) : "",
      ];
    });
    const plates = isBarKit(ramp.kit) ? ["Plates, one side"] : [];
    parts.push(table(["Ramp", "Reps", ...plates, "Change", "Rest"], rows));
  }
  return parts;
}
