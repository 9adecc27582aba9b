"use client";

import { ArrowRight } from "lucide-react";
import { nameInSentence } from "@/core/catalog";
import { formatLoad, type Scheme, type WeightMove } from "@/core/session";
import { formatWeight, type UnitSystem, type Weight } from "@/core/units";
import { Sheet, SheetButtons } from "@/ui/sheet";

/** Says whose working sets move when all get the same, before they do. */
export function SameForAll({
  name,
  scheme,
  moves,
  unit,
  open,
  onOpenChange,
  onTake,
}: {
  name: string;
  /** What all would do. */
  scheme: Scheme;
  moves: () => readonly WeightMove[];
  unit: UnitSystem;
  open: boolean;
  onOpenChange: (open: boolean) => void;
  onTake: () => void;
}) {
  return (
    <Sheet title={`Same ${nameInSentence(name)} for all`} open={open} onOpenChange={onOpenChange}>
      <p className="-mt-2 mb-3 text-ink-soft">
        {scheme.sets} × {scheme.reps}, {formatLoad(scheme.load, unit)}, by each athlete's maximum. Sets and
        load can be changed afterwards.
      </p>
      {open && <Moves moves={moves()} unit={unit} />}
      <SheetButtons
        action="Same for all"
        onAct={() => {
          onTake();
          onOpenChange(false);
        }}
      />
    </Sheet>
  );
}

const inWords = (w: Weight | null) => (w === null ? "none" : formatWeight(w));

function Moves({ moves, unit }: { moves: readonly WeightMove[]; unit: UnitSystem }) {
  if (moves.length === 0) return <p>Nobody's working sets change.</p>;
  return (
    <ul className="max-h-[40dvh] overflow-y-auto border-t border-line">
      {moves.map((m) => (
        <li key={m.name} className="flex min-h-8 items-center justify-between border-b border-line">
          <span className="font-semibold">{m.name}</span>
          <span className="condensed">
            {inWords(m.from)}
            <ArrowRight aria-hidden className="mx-1 inline size-3.5 text-ink-faint" />
            <span className="sr-only"> to </span>
            <b>{m.to === null ? "no weight known" : `${inWords(m.to)} ${unit}`}</b>
          </span>
        </li>
      ))}
    </ul>
  );
}
