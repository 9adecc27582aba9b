"use client";

import { useFloor } from "@/client/use-floor";
import type { FloorAthlete, FloorItem } from "@/core/floor";
import { formatWeight } from "@/core/units";
import { PlateStrip } from "@/features/shared/plate-strip";

/** What is done, in a few words. @example "Couch stretch", "62.5 × 5" */
export function itemName(item: FloorItem): string {
  return item.kind === "step" ? item.step.name : `${formatWeight(item.load.weight)} × ${item.load.reps}`;
}

/** A set with its weight, the plates on the bar and what to do before it. */
export function SetWords({
  athlete,
  item: { kind, lift, set, load },
}: {
  athlete: FloorAthlete;
  item: Exclude<FloorItem, { kind: "step" }>;
}) {
  const { plan } = useFloor();
  const { unit, name } = athlete.lifts[lift]!;
  const isWork = kind === "work";
  return (
    <>
      <h2 className="text-xl font-bold">
        {name}
        <span className="ml-2 font-medium text-ink-soft">
          {isWork ? `working set ${set + 1}` : `ramp set ${set + 1}`}
        </span>
      </h2>
      <div className="mt-1 flex flex-wrap items-center gap-x-8 gap-y-2">
        <p
          className={`condensed text-[clamp(3.5rem,9vw,6rem)] leading-none font-extrabold ${isWork ? "text-ember" : ""}`}
        >
          {formatWeight(load.weight)}
          <span className="ml-2 text-3xl">
            {unit} × {load.reps}
          </span>
        </p>
        {load.perSide.length > 0 && (
          <span className="flex items-center gap-3">
            <PlateStrip plates={plan.plates} perSide={load.perSide} scale={0.18} />
            <span className="condensed text-xl">{load.perSide.map(formatWeight).join(" + ")}</span>
          </span>
        )}
      </div>
      <p className="text-lg text-ink-soft">{load.change}</p>
      {load.notes.length > 0 && <p className="text-base">{load.notes.join(". ")}</p>}
    </>
  );
}
