"use client";

import type { ComponentProps } from "react";
import { useCatalog } from "@/client/catalog";
import { drillById } from "@/core/catalog";
import { CircuitFields } from "@/features/shared/circuit-fields";
import { DoseFields } from "@/features/shared/dose-fields";
import type { SharedDose } from "./shared-dose";

/** How much of a drill everybody does, in which format, and what it goes round with, to be changed for all. */
export function SharedDoseFields({
  shared: { drill, name, dose, rounds },
  plan,
  minutes,
  nameOf,
  onEdit,
}: ComponentProps<typeof SharedDose>) {
  const catalog = useCatalog();
  return (
    <>
      <p className="font-bold">{name}</p>
      <DoseFields
        range={drillById(catalog, drill)!.dose}
        dose={dose}
        rounds={rounds}
        mostSeconds={minutes * 60}
        onDose={(next) => onEdit({ kind: "pin", drill, dose: next })}
      />
      <CircuitFields drill={drill} list={plan.shared} nameOf={nameOf} onMove={onEdit} />
    </>
  );
}
