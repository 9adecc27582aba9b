import { type Dose, PIECE_BREAK, type WorkFormat } from "../dose";
import type { FloorStep } from "./floor-plan";

/** One stretch of a step: what is done, and for how long. */
export interface StepPart {
  kind: "set-up" | "work" | "easy" | "rest";
  seconds: number;
  /** What is done in it, in a word or two; empty where nothing need be said. */
  says: string;
  /** Which side, 1 or 2; null: both or neither. */
  side: 1 | 2 | null;
  /** Which of the rounds, from 1, and how many there are. */
  round: number;
  rounds: number;
}

/**
 * The stretches of a step one after the other: set-up, each side and direction of each set, rests, intervals, press and lift of
 * contractions. They last as long as the step does.
 */
export function stepParts(step: Pick<FloorStep, "dose" | "setUpSeconds" | "seconds">): StepPart[] {
  const { dose, setUpSeconds, seconds } = step;
  const setUp: StepPart[] =
    setUpSeconds > 0
      ? [{ kind: "set-up", seconds: setUpSeconds, says: "Set up", side: null, round: 1, rounds: 1 }]
      : [];
  const work = seconds - setUpSeconds;
  if (!dose) return [...setUp, { kind: "work", seconds: work, says: "", side: null, round: 1, rounds: 1 }];
  const parts = dose.format
    ? formatParts(dose, dose.format, work)
    : setParts(dose, dose.sets, work, () => "");
  return [...setUp, ...parts];
}

/** Equal sets with their rests; `says` names each. */
function setParts(dose: Dose, sets: number, seconds: number, says: (set: number) => string): StepPart[] {
  const ways = dose.sides * dose.directions;
  const each = (seconds - (sets - 1) * dose.restSeconds) / (sets * ways);
  return Array.from({ length: sets }, (_, set) => {
    const place = { round: set + 1, rounds: sets };
    const rest: StepPart[] =
      set > 0 && dose.restSeconds > 0
        ? [{ kind: "rest", seconds: dose.restSeconds, says: "Rest", side: null, ...place }]
        : [];
    const work = Array.from({ length: ways }, (_, way) => {
      const side = dose.sides === 2 ? (((way % 2) + 1) as 1 | 2) : null;
      const direction = dose.directions === 2 ? (way < dose.sides ? "one way" : "the other way") : "";
      const named = [says(set), direction].filter(Boolean).join(", ");
      return contracted(dose, { kind: "work", seconds: each, says: named, side, ...place });
    });
    return [...rest, ...work.flat()];
  }).flat();
}

/** Contractions are pressed and lifted, as often as the dose says; all else is one stretch. */
function contracted(dose: Dose, part: StepPart): StepPart[] {
  if (dose.kind !== "contractions") return [part];
  const half = part.seconds / (2 * dose.amount);
  return Array.from({ length: 2 * dose.amount }, (_, i) => ({
    ...part,
    seconds: half,
    says: i % 2 === 0 ? "Press" : "Lift",
  }));
}

function formatParts(dose: Dose, format: WorkFormat, seconds: number): StepPart[] {
  switch (format.kind) {
    case "interval": {
      const { on, off, times } = format;
      return Array.from({ length: times }, (_, i): StepPart[] => {
        const place = { round: i + 1, rounds: times };
        const side = dose.sides === 2 ? (((i % 2) + 1) as 1 | 2) : null;
        const rest: StepPart[] =
          i > 0 && off > 0 ? [{ kind: "rest", seconds: off, says: "Off", side: null, ...place }] : [];
        return [...rest, { kind: "work", seconds: on, says: "On", side, ...place }];
      }).flat();
    }
    case "variants":
      return setParts(dose, format.ways.length, seconds, (set) => format.ways[set]!);
    case "pieces": {
      const rounds = format.pieces.length;
      const each = (seconds - (rounds - 1) * PIECE_BREAK) / rounds;
      return format.pieces.flatMap((piece, i): StepPart[] => {
        const place = { side: null, round: i + 1, rounds };
        const change: StepPart[] =
          i > 0 ? [{ kind: "rest", seconds: PIECE_BREAK, says: "Change", ...place }] : [];
        return [...change, { kind: "work", seconds: each, says: piece.trim(), ...place }];
      });
    }
    case "surges": {
      const { surges, on, off } = format;
      const place = { side: null, rounds: surges };
      const lead = seconds - surges * (on + off);
      const easy: StepPart[] =
        lead > 0 ? [{ kind: "easy", seconds: lead, says: "Easy", ...place, round: 1 }] : [];
      return [
        ...easy,
        ...Array.from({ length: surges }, (_, i): StepPart[] => [
          { kind: "work", seconds: on, says: "Brisk", ...place, round: i + 1 },
          ...(off > 0 ? [{ kind: "easy" as const, seconds: off, says: "Easy", ...place, round: i + 1 }] : []),
        ]).flat(),
      ];
    }
  }
}

/** Where a step stands so many seconds after it began. */
export interface StepMoment {
  /** Place of the stretch that is on; the last one once all is over. */
  at: number;
  part: StepPart;
  next: StepPart | null;
  /** Seconds left of the stretch and of the whole step; below 0: so long over. */
  partLeft: number;
  left: number;
}

/** Where a step stands so many seconds after it began. */
export function stepMoment(parts: readonly StepPart[], elapsed: number): StepMoment {
  const all = parts.reduce((sum, p) => sum + p.seconds, 0);
  let until = 0;
  for (const [at, part] of parts.entries()) {
    until += part.seconds;
    if (elapsed < until || at === parts.length - 1)
      return { at, part, next: parts[at + 1] ?? null, partLeft: until - elapsed, left: all - elapsed };
  }
  throw new RangeError("A step has at least one part.");
}
