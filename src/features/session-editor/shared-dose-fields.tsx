"use client";

import type { ComponentProps } from "react";
import { useCatalog } from "@/client/catalog";
import { drillById } from "@/core/catalog";
import { CircuitFields } from "@/features/shared/circuit-fields";
import { DoseFields } from "@/features/shared/dose-fields";
import { OfferFields } from "@/features/shared/offer-fields";
import type { SharedDose } from "./shared-dose";

/** How much of a drill everybody does, in which format, and what it goes round with, to be changed for all. */
export function SharedDoseFields({
  shared: { drill, name, dose, rounds, anyOf, condition },
  plan,
  minutes,
  nameOf,
  onEdit,
}: ComponentProps<typeof SharedDose>) {
  const catalog = useCatalog();
  const { easier, harder, substitutes } = drillById(catalog, drill)!;
  const known = (ids: readonly (string | undefined)[]) =>
    [...new Set(ids)].flatMap((id) => (id && drillById(catalog, id)) || []);
  const others = known([condition?.next, easier, harder, ...substitutes]);
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
      <OfferFields
        name={name}
        anyOf={known(anyOf)}
        condition={condition ?? undefined}
        others={others}
        onSay={(said) => onEdit({ kind: "pin", drill, ...said })}
        onTake={(other) => onEdit({ kind: "swap", drill, with: other })}
      />
    </>
  );
}
