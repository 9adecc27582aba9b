import { HIGH_REPS, repsBand, SHORT_BRIDGE_WARM_AT } from "./constants";

export const RAMP_STYLE_IDS = [
  "closing-steps",
  "even-steps",
  "short-bridge",
  "few-light-steps",
  "gentle-build",
  "heavy-single",
] as const;
export type RampStyleId = (typeof RAMP_STYLE_IDS)[number];

/** How the weights of a ramp are spread between its start and its top. */
export interface RampStyle {
  id: RampStyleId;
  name: string;
  description: string;
  /** Each inner jump as a share of the one before. */
  jumpRatio: number;
  /** The top set's share of the working weight; absent: by its repetitions. */
  top?: number;
  /** From this share of the working weight on sets are of one repetition; absent: by the usual table. */
  singlesFrom?: number;
  /** Sets more than the working weight asks for. */
  addedSets: number;
  /**
   * Shares of the working weight that the style names itself; absent: spread from the lightest load to the top.
   *
   * @param similarDone how much of what the lift asks earlier lifts have asked, 0 to 1.
   * @param usual how many sets the weight has in other styles, light ones for an area or a cold room aside.
   */
  shares?: (reps: number, similarDone: number, usual: number) => number[];
}

const LEAST_LIGHT_STEPS = 3;

/** 40 %, 50 %, 60 % and on, until the last jump is short enough; wider steps where these would be more than usual. */
function fewLightShares(reps: number, _similarDone: number, usual: number): number[] {
  const { lastJump } = repsBand(reps);
  const shares = [0.4, 0.5, 0.6];
  while (1 - shares.at(-1)! > lastJump + 1e-9) shares.push(Math.min(shares.at(-1)! + 0.1, 1 - lastJump));
  const sets = Math.max(LEAST_LIGHT_STEPS, usual);
  if (shares.length <= sets) return shares;
  const [first, top] = [shares[0]!, shares.at(-1)!];
  return Array.from({ length: sets }, (_, i) => first + (i * (top - first)) / (sets - 1));
}

/** A step closer than this below the top says nothing that the top does not. Share of the working weight. */
const STEP_WORTH_IT = 0.1;

function shortBridgeShares(reps: number, similarDone: number): number[] {
  const { top } = repsBand(reps);
  if (reps >= HIGH_REPS) return similarDone >= SHORT_BRIDGE_WARM_AT ? [0.65] : [0.5, 0.65];
  if (similarDone >= SHORT_BRIDGE_WARM_AT) return [top];
  return [...[0.55, 0.75].filter((share) => share <= top - STEP_WORTH_IT), top];
}

export const RAMP_STYLES: Record<RampStyleId, RampStyle> = {
  "closing-steps": {
    id: "closing-steps",
    name: "Closing steps",
    description: "Large steps while it is light, smaller ones as the weight climbs.",
    jumpRatio: 0.8,
    addedSets: 0,
  },
  "even-steps": {
    id: "even-steps",
    name: "Even steps",
    description: "The same step each time.",
    jumpRatio: 1,
    addedSets: 0,
  },
  "short-bridge": {
    id: "short-bridge",
    name: "Short bridge",
    description: "Two or three sets that bridge from body weight to the working weight.",
    jumpRatio: 1,
    addedSets: 0,
    shares: shortBridgeShares,
  },
  "few-light-steps": {
    id: "few-light-steps",
    name: "Few light steps",
    description: "40, 50, 60 % and on by tenths, no further than the last jump asks for.",
    jumpRatio: 1,
    addedSets: 0,
    shares: fewLightShares,
  },
  "gentle-build": {
    id: "gentle-build",
    name: "Gentle build",
    description: "From the lightest load there is in even steps, one set more than usual.",
    jumpRatio: 1,
    addedSets: 1,
  },
  "heavy-single": {
    id: "heavy-single",
    name: "Heavy single",
    description: "Closing steps up to 92 %, singles from 80 %, whatever the working repetitions.",
    jumpRatio: 0.8,
    top: 0.92,
    singlesFrom: 0.8,
    addedSets: 0,
  },
};

/** The share of the working weight that the top set of a style has. */
export function topOf(style: RampStyleId, reps: number): number {
  return RAMP_STYLES[style].top ?? repsBand(reps).top;
}
