import { type Frame, SHADES, type Shape, shadeOf } from "@/core/figure";

/** The name of the colour that a shape is drawn in, of those that the style sheet has for figures. */
export const inkOf = (shape: Shape): string =>
  shape.of === "body" || shape.of === "work" || shape.of === "prop"
    ? `${shape.of}-${shadeOf(shape)}`
    : shape.of;

const SHADED = ["body", "work", "prop"].flatMap((of) =>
  Array.from({ length: SHADES }, (_, i) => `${of}-${i}`),
);
const INKS = [...SHADED, "face", "shadow", "ground"];

/** How often colours are read again, since day may turn to night while a figure moves. Milliseconds. */
const READ_EVERY = 1000;

/** Added to ends of lines, so that a line to its own start is drawn. */
const DOT = 0.0001;

type Palette = Readonly<Record<string, string>>;

/** The colours of figures as they are where an element stands, by their names; kept for a while. */
export function paletteAt(element: HTMLElement): (now: number) => Palette {
  let read = Number.NEGATIVE_INFINITY;
  let palette: Palette = {};
  return (now) => {
    if (now - read < READ_EVERY) return palette;
    read = now;
    const style = getComputedStyle(element);
    const before = element.style.color;
    const entries = INKS.map((ink) => {
      element.style.color = `var(--figure-${ink})`;
      return [ink, style.color] as const;
    });
    element.style.color = before;
    palette = Object.fromEntries(entries);
    return palette;
  };
}

/** Draws shapes on a canvas as large as it is shown, `opacity` of the way from nothing. */
export function paint(
  canvas: HTMLCanvasElement,
  shapes: readonly Shape[],
  { x, y, size }: Frame,
  palette: Palette,
  opacity: number,
): void {
  const side = Math.round(canvas.clientWidth * window.devicePixelRatio);
  if (canvas.width !== side) {
    canvas.width = side;
    canvas.height = side;
  }
  const context = canvas.getContext("2d");
  if (!context || side === 0) return;
  context.setTransform(1, 0, 0, 1, 0, 0);
  context.clearRect(0, 0, side, side);
  const scale = side / size;
  context.setTransform(scale, 0, 0, scale, -x * scale, -y * scale);
  context.lineCap = "round";
  context.lineJoin = "round";
  context.globalAlpha = opacity;
  for (const shape of shapes) {
    const [first, ...others] = shape.points;
    if (!first) continue;
    context.beginPath();
    context.moveTo(first[0], first[1]);
    // A point is drawn as a line too short to be seen as one.
    for (const [px, py] of others) context.lineTo(px + DOT, py);
    const colour = palette[inkOf(shape)] ?? "";
    context.strokeStyle = colour;
    context.lineWidth = shape.width;
    if (shape.closed) {
      context.closePath();
      context.fillStyle = colour;
      context.fill();
    }
    context.stroke();
  }
}
