"use client";

import { Plus, X } from "lucide-react";
import { useState } from "react";
import { type GymKit, type GymPlate, usualPlate } from "@/core/gym";
import { formatWeight, formatWeightWithUnit, parseWeight } from "@/core/units";
import { PlateStrip } from "@/features/shared/plate-strip";
import { fail } from "@/lib/result";
import { Button, IconButton } from "@/ui/button";
import { TextField } from "@/ui/text-field";
import { TickBox } from "@/ui/tick-box";
import { WholeStepper } from "@/ui/whole-stepper";

const MOST_PAIRS = 200;

/** The plates of a gym: how many pairs, how they look, and which stand at full height on the floor. */
export function PlateRack({ gym, set }: { gym: GymKit; set: (to: Partial<GymKit>) => void }) {
  const [isAdding, setAdding] = useState(false);
  const put = (plates: readonly GymPlate[]) =>
    set({ plates: plates.toSorted((a, b) => b.weight - a.weight) });
  const change = (at: number, to: Partial<GymPlate>) =>
    put(gym.plates.with(at, { ...gym.plates[at]!, ...to }));
  const total = gym.plates.reduce((sum, p) => sum + 2 * p.pairs * p.weight, 0);
  return (
    <section aria-label="Plates">
      <div className="flex items-baseline justify-between">
        <h2 className="section-title">Plates</h2>
        <p className="text-2xs text-ink-soft">
          {formatWeightWithUnit(total as GymPlate["weight"], gym.unit)} in all
        </p>
      </div>
      <div className="mt-2 mb-3 overflow-x-auto">
        <PlateStrip plates={gym.plates} perSide={gym.plates.map((p) => p.weight)} scale={0.16} />
      </div>
      <div className="overflow-x-auto">
        <table className="w-full border-collapse">
          <thead>
            <tr className="border-b border-ink text-left text-xs text-ink-soft">
              <th className="py-1 font-semibold">{gym.unit}</th>
              <th className="py-1 font-semibold">Pairs</th>
              <th className="py-1 font-semibold">Full-diameter</th>
              <th className="py-1 font-semibold">Colour</th>
              <th className="py-1">
                <span className="sr-only">Remove</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {gym.plates.map((p, i) => {
              const name = formatWeight(p.weight);
              return (
                <tr key={p.weight} className="border-b border-line">
                  <th scope="row" className="condensed py-1 text-left text-lg font-bold">
                    {name}
                  </th>
                  <td>
                    <WholeStepper
                      label={`Pairs of ${name}`}
                      hideLabel
                      value={p.pairs}
                      range={[1, MOST_PAIRS]}
                      onChange={(pairs) => change(i, { pairs })}
                    />
                  </td>
                  <td>
                    <TickBox
                      label={`${name} is a full-diameter plate`}
                      isOn={p.fullDiameter}
                      onChange={(fullDiameter) => change(i, { fullDiameter })}
                    />
                  </td>
                  <td>
                    <input
                      type="color"
                      aria-label={`Colour of ${name}`}
                      value={p.colour}
                      onChange={(e) => change(i, { colour: e.target.value })}
                      className="h-7 w-10 rounded-xs border border-line-strong bg-field"
                    />
                  </td>
                  <td className="text-right">
                    <IconButton label={`Remove ${name}`} onClick={() => put(gym.plates.toSpliced(i, 1))}>
                      <X aria-hidden className="size-4" />
                    </IconButton>
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
      {gym.plates.length === 0 && <p className="mt-2 text-ink-soft">No plates: only the empty bar.</p>}
      {isAdding ? (
        <TextField
          className="mt-3 max-w-48"
          label={`New size, ${gym.unit}`}
          value=""
          format={String}
          parse={(text) => {
            const parsed = parseWeight(text);
            if (!parsed.ok) return parsed;
            const isThere = gym.plates.some((p) => p.weight === parsed.value);
            return isThere ? fail("You already have this size.") : { ok: true, value: text };
          }}
          onChange={(text) => {
            const parsed = parseWeight(text);
            if (!parsed.ok) return;
            put([
              ...gym.plates,
              { weight: parsed.value, pairs: 1, ...usualPlate(parsed.value, gym.unit, false) },
            ]);
            setAdding(false);
          }}
          note="Press Enter to add it."
        />
      ) : (
        <Button look="bare" className="mt-2 -ml-3" onClick={() => setAdding(true)}>
          <Plus aria-hidden className="size-4" />
          Add size
        </Button>
      )}
    </section>
  );
}
