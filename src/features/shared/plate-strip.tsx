import type { GymPlate } from "@/core/gym";
import { formatWeight, type Weight } from "@/core/units";

/** Gap between plates, bar and sleeve, in millimetres of the drawing. */
const SLEEVE_MM = 50;
const STUB_MM = 60;
const BORE_MM = 14;
const FALLBACK = { colour: "#8d8a80", diameterMm: 230, thicknessMm: 26 };

function looks(plates: readonly GymPlate[], perSide: readonly Weight[]) {
  return perSide.map((w) => plates.find((p) => p.weight === w) ?? FALLBACK);
}

/** How wide a loaded sleeve is drawn, in pixels. */
function sleeveWidth(plates: readonly GymPlate[], perSide: readonly Weight[], scale: number): number {
  const thick = looks(plates, perSide).reduce((sum, p) => sum + p.thicknessMm, 0);
  return (SLEEVE_MM + thick + STUB_MM) * scale;
}

/**
 * One end of the bar with its plates, to scale by diameter and thickness, as an SVG group that stands on `y`.
 *
 * @param scale pixels per millimetre.
 * @param tallest diameter that the sleeve's height is taken from, so that bars of one plan are level.
 */
export function Sleeve({
  plates,
  perSide,
  x,
  y,
  scale,
  tallest,
}: {
  plates: readonly GymPlate[];
  perSide: readonly Weight[];
  x: number;
  y: number;
  scale: number;
  tallest: number;
}) {
  const axis = y - (tallest / 2) * scale;
  let at = x + SLEEVE_MM * scale;
  const drawn = looks(plates, perSide).map((p) => {
    const left = at;
    at += p.thicknessMm * scale;
    return { ...p, left };
  });
  return (
    <g aria-hidden>
      <rect
        x={x}
        y={axis - BORE_MM * scale}
        width={at - x + STUB_MM * scale}
        height={2 * BORE_MM * scale}
        className="fill-line-strong"
        rx={1}
      />
      {drawn.map((p, i) => (
        <rect
          // Plates of one stack have no identity but their place.
          // biome-ignore lint/suspicious/noArrayIndexKey: a stack is an ordered list of alike plates
          key={i}
          x={p.left}
          y={axis - (p.diameterMm / 2) * scale}
          width={Math.max(1, p.thicknessMm * scale - 0.7)}
          height={p.diameterMm * scale}
          fill={p.colour}
          rx={1}
        />
      ))}
    </g>
  );
}

/** A loaded sleeve on its own, with its plates in words for who cannot see it. */
export function PlateStrip({
  plates,
  perSide,
  scale = 0.12,
}: {
  plates: readonly GymPlate[];
  perSide: readonly Weight[];
  scale?: number;
}) {
  const tallest = Math.max(200, ...plates.map((p) => p.diameterMm));
  const width = sleeveWidth(plates, perSide, scale);
  const words = perSide.length === 0 ? "empty bar" : `${perSide.map(formatWeight).join(", ")} on each side`;
  return (
    <svg
      role="img"
      aria-label={words}
      width={width}
      height={tallest * scale}
      className="shrink-0 overflow-visible"
    >
      <Sleeve plates={plates} perSide={perSide} x={0} y={tallest * scale} scale={scale} tallest={tallest} />
    </svg>
  );
}
