import { Polyline, Svg } from "@react-pdf/renderer";
import { DRILL_FIGURES } from "@/catalog/figures";
import { type Drill, figureOf } from "@/core/catalog";
import { cycleOf, frameOf, pointsOf, type Shape, type Substance, shadeOf, stillOf } from "@/core/figure";

/** The shades of each substance on paper, from far or light to near or dark; they stay apart in grey. */
const SHADES: Record<Substance, readonly string[]> = {
  body: ["#9a9c9d", "#808284", "#63666a", "#43474b", "#1d2125"],
  work: ["#e39b7c", "#d9825c", "#cb5f33", "#b83a12", "#96300f"],
  prop: ["#dddedc", "#c9cac8", "#adafae", "#86898b", "#5f6468"],
  face: ["#e6e6e2"],
  shadow: ["#ecece6"],
  ground: ["#ffffff"],
};

const colourOf = (shape: Shape) => SHADES[shape.of][shadeOf(shape)] ?? SHADES[shape.of][0]!;

/** A drill's figure in a document, at rest; nothing where it has none. */
export function PdfFigure({ drill, size }: { drill: Drill; size: number }) {
  const figure = DRILL_FIGURES[figureOf(drill) ?? ""];
  if (!figure) return null;
  const cycle = cycleOf(figure, drill.dose);
  const { x, y, size: side } = frameOf(figure, cycle);
  return (
    <Svg width={size} height={size} viewBox={`${x} ${y} ${side} ${side}`}>
      {stillOf(figure, cycle).shapes.map((shape, i) => (
        <Polyline
          // biome-ignore lint/suspicious/noArrayIndexKey: a shape is its place from far to near
          key={i}
          points={pointsOf(shape)}
          stroke={colourOf(shape)}
          strokeWidth={shape.width}
          strokeLinecap="round"
          strokeLinejoin="round"
          fill={shape.closed ? colourOf(shape) : "none"}
        />
      ))}
    </Svg>
  );
}
