"use client";

import { Plus } from "lucide-react";
import { useCatalog } from "@/client/catalog";
import { Choice } from "@/ui/choice";
import { liftGroups } from "./lift-groups";

/** One lift more, at the end. */
export function AddLift({
  label = "Add a lift",
  className = "",
  onAdd,
}: {
  label?: string;
  className?: string;
  onAdd: (lift: string) => void;
}) {
  const catalog = useCatalog();
  return (
    <span className={`flex items-center gap-1 ${className}`}>
      <Plus aria-hidden className="size-4 text-ink-soft" />
      <Choice
        label={label}
        value=""
        placeholder={label}
        groups={liftGroups(catalog)}
        onChange={onAdd}
        triggerClassName="min-h-8 font-semibold"
      />
    </span>
  );
}
