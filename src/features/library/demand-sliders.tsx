"use client";

import { Slider } from "radix-ui";
import { useId, useState } from "react";
import { DEMAND_IDS, DEMANDS, type DemandId, type DemandWeights } from "@/core/demands";
import { LabelledChoice } from "@/ui/choice";

const MOST = 3;
const WORDS = ["not", "a little", "clearly", "a lot"] as const;

/** Demands with a slider each, 0 to 3. One that is put to 0 stays in the list, to be put up again. */
export function DemandSliders({
  title,
  weights,
  onChange,
}: {
  title: string;
  weights: DemandWeights;
  onChange: (weights: DemandWeights) => void;
}) {
  const id = useId();
  const [seen, setSeen] = useState<ReadonlySet<DemandId>>(() => new Set(Object.keys(weights) as DemandId[]));
  const shown = DEMAND_IDS.filter((d) => weights[d] || seen.has(d));
  const put = (demand: DemandId, to: number) => {
    setSeen((before) => new Set(before).add(demand));
    const { [demand]: _, ...rest } = weights;
    // Fields keep their order, so that a row does not jump while its slider moves.
    onChange(to === 0 ? rest : { ...weights, [demand]: to as 1 | 2 | 3 });
  };
  return (
    <section aria-label={title}>
      <h3 className="section-title mb-1">{title}</h3>
      <ul className="max-w-lg">
        {shown.map((d) => (
          <li
            key={d}
            className="grid min-h-10 grid-cols-[minmax(0,1fr)_9rem_6rem] items-center gap-4 border-t border-line"
          >
            <span id={`${id}-${d}`} className="font-medium">
              {DEMANDS[d].name}
            </span>
            <Slider.Root
              value={[weights[d] ?? 0]}
              min={0}
              max={MOST}
              step={1}
              onValueChange={([to]) => put(d, to!)}
              className="relative flex h-6 w-full touch-none items-center select-none"
            >
              <Slider.Track className="relative h-1.5 grow bg-line">
                <Slider.Range className="absolute h-full bg-ochre-deep" />
              </Slider.Track>
              <Slider.Thumb
                aria-labelledby={`${id}-${d}`}
                className="block size-6 rounded-full border-2 border-ochre-deep bg-field"
              />
            </Slider.Root>
            <span className="condensed text-ink-soft">{WORDS[weights[d] ?? 0]}</span>
          </li>
        ))}
      </ul>
      <div className="mt-2">
        <LabelledChoice
          label="Add demand"
          value=""
          placeholder="Choose"
          groups={[
            {
              options: DEMAND_IDS.filter((d) => !shown.includes(d)).map((d) => ({
                value: d,
                label: DEMANDS[d].name,
              })),
            },
          ]}
          onChange={(d) => put(d as DemandId, 2)}
        />
      </div>
    </section>
  );
}
