import { bodyGroups, type Group } from "./body-shapes";
import { type Eye, eyeAt, meanDepth } from "./eye";
import type { Figure, Part } from "./pose";
import { mirroredProp, type Solid, solidsOf } from "./props";
import type { Shape } from "./shape";
import type { Skeleton } from "./skeleton";

/** How far above the floor the eye is where a figure does not say. Degrees. */
const USUAL_RISE = 9;
/** From this height on nothing casts a shadow. */
const NO_SHADOW = 0.3;
/** By so much what is behind ends before what is in front. */
const GAP = 0.016;

/** The flat shapes of a skeleton and its props, the farthest first. */
export function pictureOf(
  skeleton: Skeleton,
  { view, rise = USUAL_RISE, props = [], works }: Pick<Figure, "view" | "rise" | "props" | "works">,
  isMirrored = false,
): Shape[] {
  const eye = eyeAt(isMirrored ? -view : view, rise);
  const solids = props
    .flatMap((p) => solidsOf(skeleton, isMirrored ? mirroredProp(p) : p))
    .map((solid) => ({ solid, depth: meanDepth(eye, solid.points), shapes: [solidShape(solid, eye)] }));
  const byDepth = <T extends Group>(groups: readonly T[]) => groups.toSorted((a, b) => a.depth - b.depth);
  const isAtWork = (part: Part) => works.includes(isMirrored ? otherSide(part) : part);
  return [
    ...shadow(skeleton, eye),
    ...byDepth(solids.filter((s) => s.solid.behind)).flatMap((s) => s.shapes),
    ...byDepth([...bodyGroups(skeleton, eye, isAtWork), ...solids.filter((s) => !s.solid.behind)]).flatMap(
      (g) => setOff(g.shapes),
    ),
  ];
}

const solidShape = ({ points, width, closed = false, weight }: Solid, eye: Eye): Shape => ({
  points: points.map(eye.flat),
  ...{ width, closed, of: "prop", tone: weight },
});

/** Shapes with what is behind them ended a little before them; what belongs together joins. */
function setOff(shapes: readonly Shape[]): Shape[] {
  const gaps = shapes
    .filter((s) => s.of !== "face")
    .map((s): Shape => ({ ...s, of: "ground", width: s.width + GAP }));
  return [...gaps, ...shapes];
}

function otherSide(part: Part): Part {
  if (part.startsWith("left")) return part.replace("left", "right") as Part;
  return part.replace("right", "left") as Part;
}

/** What the body darkens of the floor. */
function shadow({ joints }: Skeleton, eye: Eye): Shape[] {
  const all = Object.values(joints);
  if (Math.min(...all.map((p) => p[1])) > NO_SHADOW) return [];
  const near = all.filter((p) => p[1] < NO_SHADOW);
  const points = hull(near.map(([x, , z]) => eye.flat([x, 0, z])));
  return [{ points, width: 0.05, closed: true, of: "shadow", tone: 1 }];
}

/** The outline of some points, by Andrew's monotone chain. */
function hull(points: readonly (readonly [number, number])[]): [number, number][] {
  const sorted = points
    .toSorted((a, b) => a[0] - b[0] || a[1] - b[1])
    .map((p): [number, number] => [p[0], p[1]]);
  const half = (all: [number, number][]) => {
    const kept: [number, number][] = [];
    for (const p of all) {
      while (kept.length > 1) {
        const [a, b] = [kept.at(-2)!, kept.at(-1)!];
        if ((b[0] - a[0]) * (p[1] - a[1]) - (b[1] - a[1]) * (p[0] - a[0]) > 0) break;
        kept.pop();
      }
      kept.push(p);
    }
    return kept.slice(0, -1);
  };
  return [...half(sorted), ...half(sorted.toReversed())];
}
