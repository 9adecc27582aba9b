import { format, parseISO } from "date-fns";
import type { CardLift, CardView } from "@/core/card";

/** Characters that Markdown takes for its own, written so that they stand for themselves. */
function text(of: string): string {
  return of.replaceAll(/[\\`*_{}[\]<>#|]/g, "\\$&").replaceAll(/\s+/g, " ");
}

const row = (cells: readonly string[]) => `| ${cells.join(" | ")} |`;
const table = (heads: readonly string[], rows: readonly (readonly string[])[]) =>
  [row(heads), row(heads.map(() => "---")), ...rows.map(row)].join("\n");

const list = (lines: readonly string[]) => lines.map((l) => `- ${text(l)}`).join("\n");

/** A card as Markdown. */
export function cardMarkdown(card: CardView): string {
  const { athlete, day, time, arrive, takes, lifts, coolDown, cautions } = card;
  const when = time ? `, first working set ${time}${arrive ? `, arrive ${arrive}` : ""}` : "";
  return `${[
    `# ${text(athlete)}`,
    `${format(parseISO(day), "EEEE d MMMM yyyy")}${when}, the warm-up takes ${takes}`,
    ...lifts.flatMap(liftPart),
    ...(coolDown ? [`## Cool-down (${coolDown.takes})`, list(coolDown.drills)] : []),
    ...(coolDown?.longWork.length ? ["### Long-term work", list(coolDown.longWork)] : []),
    ...(cautions.length > 0 ? ["## Cautions", list(cautions.map((c) => c.message))] : []),
  ].join("\n\n")}\n`;
}

function liftPart({ name, working, drills, ramp, missing }: CardLift): string[] {
  const parts = [`## ${text(name)}`];
  if (working)
    parts.push(text(`${working.sets}${working.load ? ` × ${working.load}` : ""}${working.backOffs}`));
  if (drills.length > 0)
    parts.push(
      table(
        ["At", "Drill", "Phase", "Dose", "With", "Cue"],
        drills.flatMap((d) => [
          ...(d.opensCircuit ? [["", `**${d.opensCircuit}**`, "", "", "", ""]] : []),
          [
            d.at,
            d.isInCircuit ? `– ${text(d.name)}` : text(d.name),
            d.phase,
            text(d.dose),
            text(d.kit.join(", ")),
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
