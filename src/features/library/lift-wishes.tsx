"use client";

import { X } from "lucide-react";
import { useCatalog } from "@/client/catalog";
import { useCustomContent } from "@/client/custom-content";
import { toast } from "@/client/toast";
import { useAsk } from "@/client/use-ask";
import { drillById, type Lift } from "@/core/catalog";
import { removeLiftWishAction } from "@/server/actions/preferences";
import { IconButton } from "@/ui/button";

const KINDS = [
  { kind: "favourite", list: "favourites", title: "Preferred before it" },
  { kind: "never", list: "never", title: "Never used before it" },
] as const;

/** Drills that are preferred, or never used, before a lift; each can be taken back. */
export function LiftWishes({ lift }: { lift: Pick<Lift, "id"> }) {
  const catalog = useCatalog();
  const ask = useAsk();
  const { custom, setCustom } = useCustomContent();
  const wishes = custom.liftWishes?.[lift.id];
  if (!wishes) return null;
  const remove = async (drill: string, kind: "favourite" | "never") => {
    const outcome = await ask(removeLiftWishAction, { lift: lift.id, drill, kind });
    if (outcome.kind === "refused") await toast(outcome.message);
    else setCustom(outcome.custom);
  };
  return KINDS.filter(({ list }) => wishes[list].length > 0).map(({ kind, list, title }) => (
    <section key={kind}>
      <h3 className="section-title mb-1">{title}</h3>
      <ul>
        {wishes[list].map((id) => {
          const name = drillById(catalog, id)?.name ?? id;
          return (
            <li key={id} className="flex min-h-9 items-center justify-between border-t border-line">
              <span className="font-semibold">{name}</span>
              <IconButton label={`Remove ${name}`} onClick={() => void remove(id, kind)}>
                <X aria-hidden className="size-4" />
              </IconButton>
            </li>
          );
        })}
      </ul>
    </section>
  ));
}
