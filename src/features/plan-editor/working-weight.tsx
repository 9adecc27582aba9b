"use client";

import { useMemo } from "react";
import type { DraftLift, WarmUpEdit } from "@/core/draft";
import type { GymKit } from "@/core/gym";
import { isBarKit, type LoadKit, lightestOf, loadableWeights, nearestLoadable } from "@/core/plates";
import { loadUnit, roundDown } from "@/core/ramp";
import { type OfMaximum, parseOfMaximum, weightOfMaximum } from "@/core/strength";
import { formatWeight, GREATEST_WEIGHT, parseWeight, type Weight, weight } from "@/core/units";
import { fail, ok, type Result } from "@/lib/result";
import { Stepper } from "@/ui/stepper";

/** The weight to start from when none is known: twice the bar, or this far up the list. */
const USUAL_START = { bar: 2, list: 0.3 };

function usualStart(kit: LoadKit): Weight | null {
  return isBarKit(kit)
    ? nearestLoadable(kit, (USUAL_START.bar * kit.empty) as Weight, false).lower
    : (kit.bodyWeight ?? kit.weights[Math.floor(USUAL_START.list * kit.weights.length)]!);
}

const ADDED_TEXT = /^([+−-])\s*(.+)$/;

/** What was typed as a weight of the lift: "+10" is more than the body weighs, "−20" so much help. */
function parseAmount(kit: LoadKit, text: string): Result<Weight, string> {
  const added = !isBarKit(kit) && kit.bodyWeight !== undefined ? ADDED_TEXT.exec(text.trim()) : null;
  if (!added || isBarKit(kit)) return parseWeight(text);
  const more = parseWeight(added[2]!);
  if (!more.ok) return more;
  const total = kit.bodyWeight! + (added[1] === "+" ? more.value : -more.value);
  return total > 0 ? ok(total as Weight) : fail("That is more assistance than body weight.");
}

/** How a weight was come to, for the coach to check. */
export interface SaidWeight {
  weight: Weight;
  text: string;
}

/** The working weight: typed as such, as a share of the maximum or by reps in reserve, or stepped. */
export function WorkingWeight({
  kit,
  unit,
  planned,
  oneRepMax,
  onSaid,
  at,
  onEdit,
}: {
  kit: LoadKit;
  unit: GymKit["unit"];
  planned: DraftLift;
  /** Estimated from the last working sets on record, in the gym's fine unit; null: none are. */
  oneRepMax: number | null;
  onSaid: (said: SaidWeight) => void;
  at: number;
  onEdit: (edit: WarmUpEdit) => void;
}) {
  const nearest = (w: Weight) => {
    const { lower, upper } = nearestLoadable(kit, w, false);
    return [...new Set([lower, upper].filter((o) => o !== null))];
  };
  const all = useMemo(() => loadableWeights(kit, weight(GREATEST_WEIGHT)), [kit]);
  const lightest = lightestOf(kit);

  /** What a share of the maximum comes to, rounded down to what can be loaded. */
  const ofMaximum = (said: OfMaximum, text: string): Result<Weight, string> => {
    if (oneRepMax === null) return fail("No working sets on record to calculate this from. Type a weight.");
    const exact = weightOfMaximum(said, oneRepMax, planned.reps);
    const loaded = roundDown(kit, exact);
    const number = (w: number) => formatWeight((Math.round(w / 100) * 100) as Weight);
    if (loaded === null) return fail(`That is ${number(exact)} ${unit}: nothing so light can be loaded.`);
    const off = exact - loaded;
    const loads = off >= 50 ? `, ${number(off)} less is loaded` : "";
    onSaid({
      weight: loaded,
      text: `${text.trim()} of an estimated ${number(oneRepMax)} ${unit} is ${number(exact)}${loads}.`,
    });
    return ok(loaded);
  };

  return (
    <Stepper<Weight | null>
      label="Working weight"
      hideLabel
      size="large"
      value={planned.weight}
      title="A weight, 80 %, 85 % TM (of the training maximum), RIR 2 or RPE 8"
      format={(w) => (w === null ? "" : formatWeight(w))}
      parse={(text) => {
        const said = parseOfMaximum(text);
        if (said) return said.ok ? ofMaximum(said.value, text) : said;
        const parsed = parseAmount(kit, text);
        if (!parsed.ok) return parsed;
        if (parsed.value < lightest)
          return fail(`Lighter than the lightest possible (${formatWeight(lightest)} ${unit}).`);
        return nearest(parsed.value).includes(parsed.value)
          ? ok(parsed.value)
          : fail("This gym's weights do not make this. Nearest:");
      }}
      suggestions={(text) => {
        const parsed = parseOfMaximum(text) ? null : parseAmount(kit, text);
        return parsed?.ok ? nearest(parsed.value) : [];
      }}
      next={(w, direction) => {
        if (w === null) return usualStart(kit);
        return (direction > 0 ? all.find((t) => t > w) : all.findLast((t) => t < w)) ?? null;
      }}
      onChange={(w) => w !== null && onEdit({ kind: "change-lift", at, change: { weight: w } })}
      suffix={loadUnit(kit, unit)}
      width="6.2ch"
    />
  );
}
