import { formatSeconds } from "../units";
import type { DoseRange } from "./dose";

/** What differs from round to round. */
export const VARIANTS = {
  tempo: { name: "Tempo", ways: ["slow-slow", "slow-fast", "fast-slow", "fast-fast"] },
  line: { name: "Line", ways: ["level", "diagonal up", "diagonal down"] },
  direction: { name: "Direction", ways: ["forward", "back", "left", "right"] },
  depth: {
    name: "Depth",
    ways: ["to where it is easy", "deeper", "deeper, less help", "full depth, no help"],
  },
} as const satisfies Record<string, { name: string; ways: readonly string[] }>;

export type VariantKind = keyof typeof VARIANTS;
export const VARIANT_KINDS = Object.keys(VARIANTS) as VariantKind[];

/** Seconds down and up of a repetition by its tempo; of another way the drill's own. */
const TEMPO_SECONDS: Readonly<Record<string, number>> = {
  "slow-slow": 6,
  "slow-fast": 4,
  "fast-slow": 4,
  "fast-fast": 2,
};

/** What a warm-up goes by beside the clock. */
export const SIGNS = {
  "short-sentences": "until talk comes in short sentences",
  "light-sweat": "until a light sweat shows",
  "breathing-faster": "until breathing is faster",
  "moves-freely": "until it moves freely",
} as const;

export type SignId = keyof typeof SIGNS;
export const SIGN_IDS = Object.keys(SIGNS) as SignId[];

/**
 * How the work of a drill is spread where it is not in equal sets. Seconds.
 *
 * - `interval`: on and off, so many times; of a drill for both sides the sides take turns.
 * - `variants`: one round in each way.
 * - `pieces`: time gathered in equal pieces, with what changes between them; an empty name where nothing does.
 * - `surges`: short and brisk ones in a steady drill, with easy time after each.
 */
export type WorkFormat =
  | { kind: "interval"; on: number; off: number; times: number }
  | { kind: "variants"; by: VariantKind; ways: readonly string[]; amount: number }
  | { kind: "pieces"; seconds: number; pieces: readonly string[] }
  | { kind: "surges"; seconds: number; surges: number; on: number; off: number };

export type FormatKind = WorkFormat["kind"];

/** How much of a drill the coach has said: sets and amount, or a format that comes to them. */
export interface OwnDose {
  sets: number;
  amount: number;
  format?: WorkFormat;
  /** The sign by which it ends beside the clock. */
  until?: SignId;
}

/** A break between two pieces, to change what changes. Seconds. */
export const PIECE_BREAK = 10;

/** The sets and the amount of each that a format comes to: seconds, or the drill's own unit of variants. */
export function doseOfFormat(format: WorkFormat): OwnDose {
  switch (format.kind) {
    case "interval":
      return { sets: format.times, amount: format.on, format };
    case "variants":
      return { sets: format.ways.length, amount: format.amount, format };
    case "pieces":
      return {
        sets: format.pieces.length,
        amount: Math.max(1, Math.round(format.seconds / format.pieces.length)),
        format,
      };
    case "surges":
      return { sets: 1, amount: format.seconds, format };
  }
}

/** Seconds of one set of a drill for all sides and directions, rests left out. */
export function setSecondsOf(range: DoseRange, amount: number, secondsPerUnit = unitSeconds(range)): number {
  const work = range.kind === "hold" || range.kind === "time" ? amount : amount * secondsPerUnit;
  return range.sides * range.directions * work;
}

function unitSeconds({ tempo, secondsPerUnit }: DoseRange): number {
  return tempo ? tempo[0] + tempo[1] + tempo[2] : secondsPerUnit;
}

/** Seconds that a format takes, the rests and breaks inside it among them (docs/model.md, "Time"). */
export function workFormatSeconds(range: DoseRange, format: WorkFormat): number {
  const pauses = pausesOf(range, format);
  return Math.round(workOf(range, format) + pauses);
}

/** Seconds of work of a format. */
function workOf(range: DoseRange, format: WorkFormat): number {
  switch (format.kind) {
    case "interval":
      return format.on * format.times;
    case "variants":
      return format.ways.reduce(
        (sum, way) => sum + setSecondsOf(range, format.amount, TEMPO_SECONDS[way] ?? unitSeconds(range)),
        0,
      );
    case "pieces":
    case "surges":
      return format.seconds;
  }
}

function pausesOf({ restSeconds }: DoseRange, format: WorkFormat): number {
  switch (format.kind) {
    case "interval":
      return format.off * (format.times - 1);
    case "variants":
      return restSeconds * (format.ways.length - 1);
    case "pieces":
      return PIECE_BREAK * (format.pieces.length - 1);
    case "surges":
      return 0;
  }
}

/** The work of a format as a share of the drill's usual dose. */
export function formatShare(range: DoseRange, format: WorkFormat): number {
  const [, usualSets] = range.sets;
  const [, usual] = range.amount;
  if (format.kind === "variants") return (format.ways.length * format.amount) / (usualSets * usual);
  return workOf(range, format) / (usualSets * setSecondsOf(range, usual));
}

/** A format that cannot be: the field, and what to do about it. */
export interface FormatFault {
  field: string;
  message: string;
}

/** Limits of what a format may say. Seconds, and how many. */
export const FORMAT_LIMITS = {
  on: [5, 300],
  off: [0, 300],
  times: [2, 20],
  surges: [1, 10],
  seconds: [10, 1800],
  ways: [2, 8],
  pieces: [2, 12],
  amount: [1, 900],
} as const satisfies Record<string, readonly [number, number]>;

/**
 * What is wrong with a format in itself or for a drill; null: nothing.
 *
 * @param mostSeconds what it may take at most, the minutes of the session.
 */
export function formatFault(format: WorkFormat, mostSeconds = Number.POSITIVE_INFINITY): FormatFault | null {
  const within = (field: keyof typeof FORMAT_LIMITS, value: number): FormatFault | null => {
    const [least, most] = FORMAT_LIMITS[field];
    if (value >= least && value <= most) return null;
    return { field, message: `Enter a whole number from ${least} to ${most}.` };
  };
  switch (format.kind) {
    case "interval": {
      const { on, off, times } = format;
      const fault = within("on", on) ?? within("off", off) ?? within("times", times);
      if (fault) return fault;
      const all = on * times + off * (times - 1);
      if (all <= mostSeconds) return null;
      return {
        field: "times",
        message: `The intervals take ${formatSeconds(all)}, more than there is. Take fewer.`,
      };
    }
    case "variants": {
      const fault = within("ways", format.ways.length) ?? within("amount", format.amount);
      if (fault?.field === "ways")
        return { field: "ways", message: "Give two to eight ways, one for each round." };
      if (fault) return fault;
      const empty = format.ways.findIndex((way) => way.trim() === "");
      return empty < 0 ? null : { field: `ways.${empty}`, message: "Say how this round is done." };
    }
    case "pieces":
      return within("seconds", format.seconds) ?? within("pieces", format.pieces.length);
    case "surges": {
      const { seconds, surges, on, off } = format;
      const fault =
        within("seconds", seconds) ?? within("surges", surges) ?? within("on", on) ?? within("off", off);
      if (fault) return fault;
      if (surges * (on + off) <= seconds) return null;
      return {
        field: "surges",
        message: `${surges} surges with their easy time take ${formatSeconds(surges * (on + off))}: more than the ${formatSeconds(seconds)} there are.`,
      };
    }
  }
}
