import { formatSeconds } from "../units";
import type { Dose } from "./dose";

/** A dose as a coach writes it. @example "2 × 8 each side", "3 × 30 s each side", "4 min" */
export function formatDose(dose: Dose): string {
  const amount = {
    reps: String(dose.amount),
    hold: `${dose.amount} s`,
    contractions: `${dose.amount} contractions`,
    breaths: `${dose.amount} breaths`,
    time: formatSeconds(dose.amount),
    metres: `${dose.amount} m`,
  }[dose.kind];
  const sets = dose.sets > 1 || dose.kind === "reps" ? `${dose.sets} × ` : "";
  const ways = [dose.sides === 2 ? "side" : "", dose.directions === 2 ? "direction" : ""].filter(Boolean);
  return `${sets}${amount}${ways.length > 0 ? ` each ${ways.join(" and ")}` : ""}`;
}
