import type { Approach } from "@/core/catalog";

export const approaches: Approach[] = [
  {
    id: "temperature-first",
    name: "Temperature first",
    belief:
      "Heat first, then move in three planes in the shape of the session, then mend one or two limiters.",
    summary:
      "Five minutes or more of raising, dynamic drills in all three planes, activation as the session needs, then the lift's own shape. No release before lifting.",
    phases: [
      { phase: "raise", mostDrills: 2, least: 180, most: 420, shortPrice: 2.5 },
      { phase: "mobilise", mostDrills: 6, least: 60, most: 330, shortPrice: 1 },
      { phase: "activate", mostDrills: 4, least: 0, most: 240, shortPrice: 0 },
      { phase: "power", whenAsked: "speed", mostDrills: 1, least: 0, most: 60, shortPrice: 0 },
      { phase: "rehearse", mostDrills: 3, least: 20, most: 180, shortPrice: 1 },
    ],
    planes: ["sagittal", "frontal", "transverse"],
    limiters: { most: 2, secondsEach: 60, secondsAll: 300 },
    rampServes: [],
    rampStyle: "closing-steps",
    typicalMinutes: { from: 15, to: 20 },
  },
  {
    id: "bar-first",
    name: "Bar first",
    belief: "Only what resembles the lift, or mends this athlete's weak point, earns its minutes.",
    summary:
      "Straight to the bar: one or two drills for the athlete's limiters, then the ramp. Three minutes of raising only in a cold room or for a stiff athlete.",
    phases: [
      { phase: "raise", mostDrills: 1, least: 120, most: 180, shortPrice: 2, whenColdOrStiff: true },
      { phase: "mobilise", mostDrills: 2, least: 0, most: 150, shortPrice: 0, limitersOnly: true },
      { phase: "activate", mostDrills: 2, least: 0, most: 120, shortPrice: 0, limitersOnly: true },
    ],
    planes: [],
    limiters: { most: 2, secondsEach: 90, secondsAll: 300 },
    rampServes: ["temperature"],
    rampStyle: "closing-steps",
    typicalMinutes: { from: 3, to: 8 },
  },
];
