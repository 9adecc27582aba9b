/** From cold slate through ochre to ember, as red, green, blue. */
const STOPS: readonly { at: number; rgb: readonly [number, number, number] }[] = [
  { at: 0, rgb: [96, 114, 134] },
  { at: 0.4, rgb: [158, 132, 88] },
  { at: 0.65, rgb: [200, 136, 40] },
  { at: 1, rgb: [190, 58, 16] },
];

/** Red, green and blue of a heat of 0 (cold) to 1 (working weight). */
function rgbOf(heat: number): number[] {
  const upper = STOPS.findIndex((s) => s.at >= heat);
  const to = STOPS[upper < 0 ? STOPS.length - 1 : upper]!;
  const from = STOPS[Math.max(0, (upper < 0 ? STOPS.length : upper) - 1)]!;
  const along = to.at === from.at ? 0 : Math.min(1, (heat - from.at) / (to.at - from.at));
  return to.rgb.map((c, i) => Math.round(from.rgb[i]! + (c - from.rgb[i]!) * along));
}

/** The colour of a heat of 0 (cold) to 1 (working weight); `strength` under 1 lets the ground through. */
export function heatColour(heat: number, strength = 1): string {
  const rgb = rgbOf(heat).join(" ");
  return strength === 1 ? `rgb(${rgb})` : `rgb(${rgb} / ${strength})`;
}

/** The same in the way that drawings in files have it. */
export function heatHex(heat: number): string {
  return `#${rgbOf(heat)
    .map((c) => c.toString(16).padStart(2, "0"))
    .join("")}`;
}
