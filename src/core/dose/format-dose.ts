import { formatSeconds } from "../units";
import type { Dose } from "./dose";
import { SIGNS, type WorkFormat } from "./work-format";

/** A dose as a coach writes it. @example "2 × 8 each side", "3 × 30 s each side", "4 min" */
export function formatDose(dose: Dose): string {
  const text = dose.format ? inFormat(dose.format, dose) : inSets(dose);
  return dose.until ? `${text}, or ${SIGNS[dose.until]}` : text;
}

/** The same in a few letters, where the whole stands beside it. @example "4 × 30 s", "3 min" */
export function formatDoseBriefly(dose: Dose): string {
  const { format } = dose;
  if (!format) return inSets(dose);
  if (format.kind === "pieces" || format.kind === "surges") return formatSeconds(format.seconds);
  if (format.kind === "interval") return `${format.times} × ${format.on} s`;
  return inSets({ ...dose, sets: format.ways.length, amount: format.amount });
}

function inSets(dose: Dose): string {
  const sets = dose.sets > 1 || dose.kind === "reps" ? `${dose.sets} × ` : "";
  return `${sets}${amountText(dose)}${eachWay(dose)}`;
}

function amountText({ kind, amount }: Pick<Dose, "kind" | "amount">): string {
  return {
    reps: String(amount),
    hold: `${amount} s`,
    contractions: `${amount} contractions`,
    breaths: `${amount} breaths`,
    time: formatSeconds(amount),
    metres: `${amount} m`,
  }[kind];
}

/** For which sides and directions an amount is: " each side and direction". */
export function eachWay({ sides, directions }: Pick<Dose, "sides" | "directions">): string {
  const ways = [sides === 2 ? "side" : "", directions === 2 ? "direction" : ""].filter(Boolean);
  return ways.length > 0 ? ` each ${ways.join(" and ")}` : "";
}

/** @example "30 s on, 30 s off × 4", "3 min in 3 pieces: one thigh, the other, both" */
function inFormat(format: WorkFormat, dose: Dose): string {
  switch (format.kind) {
    case "interval": {
      const rest = format.off > 0 ? `, ${format.off} s off` : "";
      const sides = dose.sides === 2 ? ", sides in turns" : "";
      return `${format.on} s on${rest} × ${format.times}${sides}`;
    }
    case "variants": {
      const { ways, amount } = format;
      return `${ways.length} × ${amountText({ ...dose, amount })}${eachWay(dose)}: ${ways.join("; ")}`;
    }
    case "pieces": {
      const named = format.pieces.filter((p) => p.trim() !== "");
      const what = named.length > 0 ? `: ${named.join(", ")}` : "";
      return `${formatSeconds(format.seconds)} in ${format.pieces.length} pieces${what}`;
    }
    case "surges": {
      const { seconds, surges, on, off } = format;
      return `${formatSeconds(seconds)} with ${surges === 1 ? "a surge" : `${surges} surges`} of ${on} s, ${off} s easy after each`;
    }
  }
}
