"use client";

import { useId, useState } from "react";
import type { CardDrill } from "@/core/card";
import { DrillFigure } from "@/features/shared/figure";
import { FilmLink } from "@/features/shared/film-link";

/** A drill of a card on a phone; touched, it shows how it is done. */
export function PhoneDrill({ drill: d }: { drill: CardDrill }) {
  const id = useId();
  const [isOpen, setOpen] = useState(false);
  return (
    <li
      className={`border-b border-line ${d.isInCircuit ? "border-l-2 border-l-ochre-deep pl-2" : ""}`}
      data-figure-row
    >
      {d.opensCircuit && (
        <span className="condensed block pt-2 pl-2 font-semibold text-ochre-deep">{d.opensCircuit}</span>
      )}
      <button
        type="button"
        aria-expanded={isOpen}
        aria-controls={id}
        onClick={() => setOpen(!isOpen)}
        className="grid min-h-14 w-full grid-cols-[1.25rem_3rem_minmax(0,1fr)_auto] items-center gap-x-2 py-1.5 text-left"
      >
        <span className="text-right font-semibold text-ink-faint">{d.number}</span>
        <DrillFigure drill={d.drill} className="w-12" />
        <span className="min-w-0">
          <span className="font-semibold">{d.name}</span>
          <span className="block text-xs text-ink-soft">
            {[d.phase, ...d.kit].join(", ")}. {d.cue}
          </span>
          {d.offers.map((offer) => (
            <span key={offer} className="block text-xs font-medium">
              {offer}
            </span>
          ))}
        </span>
        <span className="condensed max-w-32 text-right leading-tight font-semibold">{d.dose}</span>
      </button>
      <div id={id} hidden={!isOpen} className="pb-4">
        {isOpen && (
          <>
            <DrillFigure drill={d.drill} moves="always" className="mx-auto w-60 max-w-full" />
            <p className="mt-2">{d.drill.how}</p>
            <ul className="mt-1 text-ink-soft">
              {d.drill.cues.map((cue) => (
                <li key={cue}>{cue}</li>
              ))}
            </ul>
            <FilmLink film={d.drill.film} name={d.name} />
          </>
        )}
      </div>
    </li>
  );
}
