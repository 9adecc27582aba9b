import { format, parseISO } from "date-fns";
import type { CardLift, CardView } from "@/core/card";

/** Characters that Markdown takes for its own, written so that they stand for themselves. */
function text(of: string): string {
  return of.replaceAll(/[\\`*_{}[\]<>#|]/g, "\\$&").replaceAll(/\s+/g, " ");
}

const row = (cells: readonly string[]) => `| ${cells.join(" | ")} |`;
const table = (heads: readonly string[], rows: readonly (readonly string[])[]) =>
  [row(heads), row(heads.map(() => "---")), ...rows.map(row)].join("\n");

/** A card as Markdown. */
export function cardMarkdown({ athlete, day, takes, lifts, coolDown, cautions }: CardView): string {
  return `${[
    `# ${text(athlete)}`,
    `${format(parseISO(day), "EEEE d MMMM yyyy")}, the warm-up takes ${takes}`,
    ...lifts.flatMap(liftPart),
    ...(coolDown
      ? [`## Cool-down (${coolDown.takes})`, coolDown.drills.map((d) => `- ${text(d)}`).join("\n")]
      : []),
    ...(cautions.length > 0 ? ["## Cautions", cautions.map((c) => `- ${text(c.message)}`).join("\n")] : []),
  ].join("\n\n")}\n`;
}

function liftPart({ name, drills, ramp, missing }: CardLift): string[] {
  const parts = [`## ${text(name)}`];
  if (drills.length > 0)
    parts.push(
      table(
        ["At", "Drill", "Phase", "Dose", "Cue"],
        drills.flatMap((d) => [
          ...(d.opensCircuit ? [["", `**${d.opensCircuit}**`, "", "", ""]] : []),
          [
            d.at,
            d.isInCircuit ? `– ${text(d.name)}` : text(d.name),
            d.phase,
            text(d.dose),
            text([d.cue, ...d.offers].join(". ")),
          ],
        ]),
      ),
    );
  if (missing) parts.push(missing);
  if (ramp) {
    const plates = ramp.hasPlates ? ["Plates, one side"] : [];
    const rows = ramp.rows.map((r) => [
      ...[`${r.weight} ${r.unit}`, r.reps],
      ...(r.plates === null ? [] : [r.plates]),
      ...[[r.change, ...r.notes].join(". "), r.rest],
    ]);
    parts.push(table(["Ramp", "Reps", ...plates, "Change", "Rest"], rows));
  }
  return parts;
}
