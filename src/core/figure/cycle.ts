import type { DoseRange } from "../dose";
import { alike, bodyBetween, breathing } from "./blend";
import { type Body, bodyOf, mirrored } from "./body";
import type { Figure } from "./pose";
import { type Skeleton, skeletonOf } from "./skeleton";

/** A breath in a hold, in and out. Seconds. */
const BREATH = 5;
/** A round of a drill whose dose does not say how long it takes. Seconds. */
const USUAL_ROUND = 3;
/** Rounds on one side before the other. */
const ROUNDS_A_SIDE = 2;
/** What it takes to fade from one side to the other. Seconds. */
const FADE = 0.3;

/** A stretch of a round: on the way from a pose to the next one, or still in it. */
interface Stretch {
  from: number;
  moves: boolean;
  seconds: number;
}

/** What is shown of a figure at a moment. */
export interface Moment {
  skeleton: Skeleton;
  /** Whether the right side does what the left did. */
  isMirrored: boolean;
  /** Less than 1 while one side gives way to the other. */
  opacity: number;
}

type Timed = Pick<DoseRange, "kind" | "tempo" | "secondsPerUnit" | "sides">;

/** What a round takes. Seconds. */
function secondsOf(figure: Figure, dose: Timed): number {
  if (figure.seconds !== undefined) return figure.seconds;
  if (figure.poses.length === 1) return BREATH;
  return dose.kind === "reps" ? dose.secondsPerUnit : USUAL_ROUND;
}

function stretchesOf(figure: Figure, dose: Timed): Stretch[] {
  const { poses, shares } = figure;
  const { tempo } = dose;
  if (poses.length === 2 && tempo && dose.kind === "reps" && !shares && figure.seconds === undefined) {
    const [down, pause, up] = tempo;
    return [
      { from: 0, moves: true, seconds: Math.max(0.5, down) },
      { from: 1, moves: false, seconds: pause },
      { from: 1, moves: true, seconds: Math.max(0.5, up) },
    ];
  }
  const seconds = secondsOf(figure, dose);
  const all = shares ?? poses.map(() => 1);
  const sum = all.reduce((a, b) => a + b, 0);
  return poses.map((_, from) => ({ from, moves: true, seconds: (seconds * (all[from] ?? 1)) / sum }));
}

/** A figure in motion. */
export interface Cycle {
  /** Of one round. */
  seconds: number;
  /** The skeleton of a round's share, 0 to 1, on the figure's own side. */
  at(share: number): Skeleton;
  /** What is shown at a time since the start, both sides in turn where the drill has two. Seconds. */
  momentAt(time: number): Moment;
  /** Each pose of its own, as `poses` of the figure. */
  pose(index: number): Skeleton;
}

/** A figure in motion at the tempo of its drill's dose. */
export function cycleOf(figure: Figure, dose: Timed): Cycle {
  const stretches = stretchesOf(figure, dose);
  const seconds = stretches.reduce((sum, s) => sum + s.seconds, 0);
  const side = alike(figure.poses.map(bodyOf));
  const other = alike(figure.poses.map((p) => bodyOf(mirrored(p))));
  const bodyAt = (round: readonly Body[], share: number): Body => {
    if (round.length === 1) return breathing(round[0]!, share);
    let left = share * seconds;
    for (const { from, moves, seconds: whole } of stretches) {
      if (left <= whole) {
        return bodyBetween(round, from, moves && whole > 0 ? left / whole : 0, figure.flows ?? false);
      }
      left -= whole;
    }
    return round[0]!;
  };
  const hasSides = dose.sides === 2;
  const block = ROUNDS_A_SIDE * seconds;
  return {
    seconds,
    at: (share) => skeletonOf(bodyAt(side, share)),
    pose: (index) => skeletonOf(side[index % side.length]!),
    momentAt: (time) => {
      const isMirrored = hasSides && Math.floor(time / block) % 2 === 1;
      const into = time % block;
      const toEdge = Math.min(into, block - into);
      return {
        skeleton: skeletonOf(bodyAt(isMirrored ? other : side, (time % seconds) / seconds)),
        isMirrored,
        opacity: hasSides ? Math.min(1, 0.15 + toEdge / FADE) : 1,
      };
    },
  };
}
