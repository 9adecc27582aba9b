/** Parts and functions of the body that an athlete may have to look after. */
export const AREAS = {
  neck: "Neck",
  shoulder: "Shoulder",
  elbow: "Elbow",
  wrist: "Wrist",
  "low-back": "Low back",
  hip: "Hip",
  knee: "Knee",
  ankle: "Ankle",
  balance: "Balance",
  impact: "Impact",
  circulation: "Circulation",
} as const;
export type AreaId = keyof typeof AREAS;
export const AREA_IDS = Object.keys(AREAS) as AreaId[];

export const AREA_LEVELS = ["slow", "very-slow", "sore", "avoid"] as const;
export type AreaLevel = (typeof AREA_LEVELS)[number];

export interface AthleteArea {
  area: AreaId;
  level: AreaLevel;
}
