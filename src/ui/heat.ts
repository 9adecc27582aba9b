/** From cold slate through ochre to ember, as red, green, blue. */
const STOPS: readonly { at: number; rgb: readonly [number, number, number] }[] = [
  { at: 0, rgb: [96, 114, 134] },
  { at: 0.4, rgb: [158, 132, 88] },
  { at: 0.65, rgb: [200, 136, 40] },
  { at: 1, rgb: [190, 58, 16] },
];

/** The colour of a heat of 0 (cold) to 1 (working weight); `strength` under 1 mixes it with white. */
export function heatColour(heat: number, strength = 1): string {
  const upper = STOPS.findIndex((s) => s.at >= heat);
  const to = STOPS[upper < 0 ? STOPS.length - 1 : upper]!;
  const from = STOPS[Math.max(0, (upper < 0 ? STOPS.length : upper) - 1)]!;
  const along = to.at === from.at ? 0 : Math.min(1, (heat - from.at) / (to.at - from.at));
  const mixed = to.rgb.map((c, i) => {
    const colour = from.rgb[i]! + (c - from.rgb[i]!) * along;
    return Math.round(255 - (255 - colour) * strength);
  });
  return `rgb(${mixed.join(" ")})`;
}
