"use client";

import { ArrowRightLeft } from "lucide-react";
import { useCatalog } from "@/client/catalog";
import { drillById } from "@/core/catalog";
import type { GroupPlan } from "@/core/group";
import type { SessionEdit } from "@/core/session";
import { Menu } from "@/ui/menu";

/** Puts another drill in the place of one that all do: its easier and harder version and what else would do. */
export function SwapDrill({
  drill: id,
  name,
  plan,
  onEdit,
}: {
  drill: string;
  name: string;
  plan: GroupPlan;
  onEdit: (edit: SessionEdit) => void;
}) {
  const catalog = useCatalog();
  const drill = drillById(catalog, id);
  const options = [
    ...(drill?.easier ? [{ id: drill.easier, how: "Easier" }] : []),
    ...(drill?.harder ? [{ id: drill.harder, how: "Harder" }] : []),
    ...(drill?.substitutes ?? []).map((s) => ({ id: s, how: "" })),
  ].filter((o) => drillById(catalog, o.id) && !plan.shared.some((s) => s.drill === o.id));
  return (
    <Menu
      label={`Swap ${name}`}
      Icon={ArrowRightLeft}
      entries={options.map((o) => ({
        label: drillById(catalog, o.id)!.name,
        note: o.how,
        onSelect: () => onEdit({ kind: "swap", drill: id, with: o.id }),
      }))}
    />
  );
}
