export const RAMP_STYLE_IDS = ["closing-steps", "even-steps"] as const;
export type RampStyleId = (typeof RAMP_STYLE_IDS)[number];

/** How the weights of a ramp are spread between its start and its top. */
export interface RampStyle {
  id: RampStyleId;
  name: string;
  description: string;
  /** Each inner jump as a share of the one before. */
  jumpRatio: number;
}

export const RAMP_STYLES: Record<RampStyleId, RampStyle> = {
  "closing-steps": {
    id: "closing-steps",
    name: "Closing steps",
    description: "Large steps while it is light, smaller ones as the weight climbs.",
    jumpRatio: 0.8,
  },
  "even-steps": {
    id: "even-steps",
    name: "Even steps",
    description: "The same step each time.",
    jumpRatio: 1,
  },
};
