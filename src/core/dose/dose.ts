import {
  doseOfFormat,
  formatFault,
  formatShare,
  type OwnDose,
  type SignId,
  setSecondsOf,
  type WorkFormat,
  workFormatSeconds,
} from "./work-format";

export type DoseKind = "reps" | "hold" | "contractions" | "breaths" | "time" | "metres";

/** Lowest, usual and highest. */
type Range = readonly [low: number, usual: number, high: number];

/** What a drill may be dosed at. */
export interface DoseRange {
  kind: DoseKind;
  sets: Range;
  /** Repetitions, contractions or breaths; seconds of a hold or of time; metres. For one side and direction. */
  amount: Range;
  sides: 1 | 2;
  directions: 1 | 2;
  /** Seconds of one repetition, contraction with its release, breath or metre; not used for holds and time. */
  secondsPerUnit: number;
  /** Down, pause and up of a repetition, in seconds, where they matter. */
  tempo?: readonly [down: number, pause: number, up: number];
  restSeconds: number;
  /** The amount changes by this much: whole repetitions, 5 s. */
  step: number;
  /** How much longer it takes here than its parts, from what it took on the floor; absent: 1. */
  pace?: number;
  /** Whether more than the least has been too much; absent: no. */
  onlyLeast?: true;
}

/** How much of a drill is done. */
export interface Dose {
  kind: DoseKind;
  sets: number;
  amount: number;
  sides: 1 | 2;
  directions: 1 | 2;
  tempo?: readonly [number, number, number];
  restSeconds: number;
  /** How the work is spread; absent: in equal sets. */
  format?: WorkFormat;
  /** The sign by which it ends beside the clock. */
  until?: SignId;
}

/**
 * Seconds of a dose: sets × sides × directions × work + (sets − 1) × rest, set-up left out, or what its format takes
 * (docs/model.md, "Time"); by what it takes here where that is known.
 *
 * @example 25 s hold, two sides, four sets without rest: 200 s
 */
export function doseSeconds(range: DoseRange, { sets, amount, format }: OwnDose): number {
  const seconds = format
    ? workFormatSeconds(range, format)
    : sets * setSecondsOf(range, amount) + (sets - 1) * range.restSeconds;
  return Math.round(seconds * (range.pace ?? 1));
}

export function doseOf(range: DoseRange, { sets, amount, format, until }: OwnDose): Dose {
  const { kind, sides, directions, tempo, restSeconds } = range;
  return {
    ...{ kind, sets, amount, sides, directions, restSeconds },
    ...(tempo && { tempo }),
    ...(format && { format }),
    ...(until && { until }),
  };
}

/** What a share of the usual dose is worth: in between on the line, less than the first in proportion. */
const WORTH = [
  { share: 0.6, effect: 0.5 },
  { share: 1, effect: 1 },
  { share: 1.5, effect: 1.15 },
  { share: 2, effect: 1.25 },
  { share: 3, effect: 1.4 },
];
/** The share of the usual dose that is done where there is hardly time for drills. */
const SHORT_SHARE = 0.6;
/** What is done by the minute, such as rowing, is chosen in steps of so much. Seconds. */
const STEADY_STEP = 60;

/** Sets, amount, and what they are worth against the usual dose. */
export interface DoseLevel {
  sets: number;
  amount: number;
  effect: number;
}

const levelsOf = { usual: new WeakMap<DoseRange, readonly DoseLevel[]>(), short: new WeakMap() };

/** Whether something is done by the minute, at one pace: rowing, walking. */
export function isSteady({ kind, amount }: DoseRange): boolean {
  return kind === "time" && amount[2] >= 3 * STEADY_STEP;
}

/**
 * The doses a plan chooses from: the usual amount in every number of sets there may be, or minutes of what is steady.
 * Kept for each range, since every plan asks for those of all drills.
 *
 * @param isShort whether less than the usual dose may be done, since there is hardly time for drills.
 */
export function doseLevels(range: DoseRange, isShort = false): readonly DoseLevel[] {
  const kept = isShort ? levelsOf.short : levelsOf.usual;
  const known = kept.get(range);
  if (known) return known;
  const [, usual] = range.amount;
  const doses: { sets: number; amount: number }[] = [];
  if (isSteady(range)) {
    for (let amount = range.amount[0]; amount <= range.amount[2]; amount += STEADY_STEP)
      doses.push({ sets: 1, amount });
  } else {
    if (isShort) doses.push(nearestDose(range, range.sets[1] * usual * SHORT_SHARE));
    for (let sets = range.sets[0]; sets <= range.sets[2]; sets++) doses.push({ sets, amount: usual });
  }
  const levels = doses
    .filter((d, i) => doses.findIndex((o) => o.sets === d.sets && o.amount === d.amount) === i)
    .map((d) => ({ ...d, effect: doseEffect(range, d) }));
  kept.set(range, levels);
  return levels;
}

/** The sets and amount within range whose product is nearest to `total`; ties keep the usual sets. */
function nearestDose(range: DoseRange, total: number): { sets: number; amount: number } {
  const [low, usual, high] = range.amount;
  let best = { sets: range.sets[1], amount: usual };
  let distance = Number.POSITIVE_INFINITY;
  const setsTried = [range.sets[1]];
  for (let s = range.sets[0]; s <= range.sets[2]; s++) if (s !== range.sets[1]) setsTried.push(s);
  for (const sets of setsTried) {
    const steps = Math.round((total / sets - usual) / range.step);
    const amount = Math.min(high, Math.max(low, usual + steps * range.step));
    const off = Math.abs(sets * amount - total);
    if (off < distance - 1e-9) {
      best = { sets, amount };
      distance = off;
    }
  }
  return best;
}

/** What a dose is worth against the usual one, up to 1.4 for three times as much (docs/model.md, "Choosing"). */
export function doseEffect(range: DoseRange, dose: OwnDose, rounds = 1): number {
  return effectOfShare(rounds * doseShare(range, dose));
}

/** A dose as a share of the usual one. */
export function doseShare(range: DoseRange, { sets, amount, format }: OwnDose): number {
  return format ? formatShare(range, format) : (sets * amount) / (range.sets[1] * range.amount[1]);
}

/** What a share of the usual dose is worth against it, up to 1.4. */
export function effectOfShare(share: number): number {
  let from = { share: 0, effect: 0 };
  for (const level of WORTH) {
    if (share <= level.share) {
      const along = (share - from.share) / (level.share - from.share);
      return from.effect + along * (level.effect - from.effect);
    }
    from = level;
  }
  return from.effect;
}

/** One step more (1) or less (-1) of a drill: first the amount, and at its end the sets. Null at the end of the range. */
export function stepDose(range: DoseRange, dose: OwnDose, direction: 1 | -1): OwnDose | null {
  const stepped = dose.format ? steppedFormat(dose.format, direction) : steppedSets(range, dose, direction);
  return stepped && { ...stepped, ...(dose.until && { until: dose.until }) };
}

/** What one step is: of time gathered a quarter of a minute, of a raise a minute. Seconds. */
const FORMAT_STEPS = { pieces: 15, surges: STEADY_STEP };

function steppedFormat(format: WorkFormat, direction: 1 | -1): OwnDose | null {
  const next = ((): WorkFormat => {
    switch (format.kind) {
      case "interval":
        return { ...format, times: format.times + direction };
      case "variants":
        return { ...format, amount: format.amount + direction };
      case "pieces":
      case "surges":
        return { ...format, seconds: format.seconds + direction * FORMAT_STEPS[format.kind] };
    }
  })();
  return formatFault(next) ? null : doseOfFormat(next);
}

function steppedSets(
  range: DoseRange,
  dose: { sets: number; amount: number },
  direction: 1 | -1,
): { sets: number; amount: number } | null {
  const [low, usual, high] = range.amount;
  const amount = dose.amount + direction * range.step;
  if (amount >= low && amount <= high) return { sets: dose.sets, amount };
  const sets = dose.sets + direction;
  if (sets >= range.sets[0] && sets <= range.sets[2]) return { sets, amount: usual };
  return null;
}

/** The sets and amount within range that last nearest to a number of seconds; ties go to fewer sets. */
export function doseForSeconds(range: DoseRange, seconds: number): { sets: number; amount: number } {
  let best = { sets: range.sets[1], amount: range.amount[1] };
  let distance = Number.POSITIVE_INFINITY;
  for (let sets = range.sets[0]; sets <= range.sets[2]; sets++) {
    for (let amount = range.amount[0]; amount <= range.amount[2]; amount += range.step) {
      const off = Math.abs(doseSeconds(range, { sets, amount }) - seconds);
      if (off < distance - 1e-9) {
        best = { sets, amount };
        distance = off;
      }
    }
  }
  return best;
}
