import { type Catalog, drillById } from "@/core/catalog";
import type { WarmUpEdit } from "@/core/draft";
import type { SessionEdit } from "@/core/session";
import { counted } from "@/core/units";

/** What an edit did, for who hears the page; null: the field that it changed says so itself. */
export function editInWords(edit: WarmUpEdit | SessionEdit, catalog: Pick<Catalog, "drills">): string | null {
  const name = (id: string) => drillById(catalog, id)?.name ?? id;
  switch (edit.kind) {
    case "drop":
      return `${name(edit.drill)} dropped.`;
    case "pin":
      return `${name(edit.drill)} pinned.`;
    case "reset-drill":
      return `${name(edit.drill)}: as planned again.`;
    case "swap":
      return `${name(edit.drill)} swapped for ${name(edit.with)}.`;
    case "circuit":
      return "The order of the drills has changed.";
    case "change-set":
      return `Ramp set ${edit.set + 1} changed.`;
    case "remove-lift":
      return `Lift ${edit.at + 1} removed.`;
    case "move-lift":
      return `Lift ${edit.at + 1} is number ${edit.to + 1} now.`;
    case "add-participants":
      return `${counted(edit.athleteIds.length, "athlete")} added.`;
    case "remove-participant":
      return "Athlete removed.";
    case "remove-sub-group":
      return "Sub-group removed.";
    default:
      return null;
  }
}
