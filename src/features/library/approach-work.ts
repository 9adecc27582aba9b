import { type Approach, type Catalog, type DrillFilter, drillById, type FormatRule } from "@/core/catalog";
import { SIGNS, VARIANTS } from "@/core/dose";
import { formatSeconds } from "@/core/units";
import { joinWords } from "@/lib/join-words";

/** How an approach has drills done where it is not in sets one after the other, a line each. */
export function approachWork(
  { pairs, formats }: Pick<Approach, "pairs" | "formats">,
  catalog: Catalog,
): string[] {
  return [
    ...pairs.map(({ drills, restInside, restBetween }) => {
      const rests = [
        ...(restInside > 0 ? [`${restInside} s rest after each`] : []),
        ...(restBetween > 0 ? [`${restBetween} s after each round`] : []),
      ];
      return `${subject(drills, catalog)}: two that follow each other in turns, as a superset${rests.length > 0 ? `, with ${rests.join(" and ")}` : ""}.`;
    }),
    ...formats.map(({ drills, format, until, under }) => {
      const how = [...(format ? [formatInWords(format)] : []), ...(until ? [SIGNS[until]] : [])];
      const when = under === undefined ? "" : `, with less than ${formatSeconds(under)} for drills`;
      return `${subject(drills, catalog)}${when}: ${how.join(", or ")}.`;
    }),
  ];
}

function subject({ ids, serves, stretch }: DrillFilter, catalog: Catalog): string {
  if (ids) return joinWords(ids.map((id) => drillById(catalog, id)?.name ?? id));
  if (serves?.includes("temperature")) return "The raise";
  return stretch ? "Holds" : "Its drills";
}

function formatInWords(format: FormatRule): string {
  switch (format.kind) {
    case "interval":
      return `as an interval, ${format.off} s off`;
    case "variants":
      return `${format.splits ? "shared out in rounds" : "each round another way"} (${VARIANTS[format.by].name.toLowerCase()}: ${format.ways.join("; ")})`;
    case "pieces":
      return `time in pieces (${format.pieces.join(", ")})`;
    case "surges":
      return `a surge of ${format.on} s for every ${format.every} s, ${format.off} s easy after it`;
  }
}
