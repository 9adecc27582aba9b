"use client";

import { useMemo, useState } from "react";
import { useCatalog } from "@/client/catalog";
import { type Drill, type DrillId, figureOf } from "@/core/catalog";
import { drillItems } from "@/features/shared/drill-items";
import { DrillFigure } from "@/features/shared/figure";
import { Button } from "@/ui/button";
import { PickSheet } from "@/ui/pick-sheet-later";
import { isCustom } from "./custom-note";

/** Which figure an own drill has: that of a drill that ships, or none. */
export function FigureChoice({
  drill,
  onChange,
}: {
  drill: Drill;
  onChange: (figure: DrillId | null) => void;
}) {
  const { drills } = useCatalog();
  const [isOpen, setOpen] = useState(false);
  const shipped = useMemo(() => drills.filter((d) => !isCustom(d.id)), [drills]);
  const items = useMemo(
    () => (isOpen ? drillItems(shipped.map((d) => ({ drill: d }))) : []),
    [shipped, isOpen],
  );
  const hasFigure = shipped.some((d) => d.id === figureOf(drill));
  return (
    <section aria-label="Figure" className="flex items-center gap-4">
      <DrillFigure drill={drill} moves="always" className="w-32 text-3xl" />
      <div className="space-y-2">
        <p className="text-sm font-semibold">Figure</p>
        <p className="max-w-xs text-ink-soft">
          {hasFigure
            ? "Shown in lists, on cards and sheets."
            : "None: the first letters of its name stand in."}
        </p>
        <div className="flex gap-2">
          <Button onClick={() => setOpen(true)}>Choose a figure</Button>
          {hasFigure && <Button onClick={() => onChange(null)}>No figure</Button>}
        </div>
      </div>
      <PickSheet
        title="Choose a figure"
        placeholder="Type the name of a drill that looks like it"
        nothing="No drill found."
        items={items}
        open={isOpen}
        onOpenChange={setOpen}
        onPick={(id) => {
          onChange(id);
          setOpen(false);
        }}
      />
    </section>
  );
}
