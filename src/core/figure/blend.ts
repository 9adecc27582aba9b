import { type Body, LIMBS, type LimbNumbers, signOf } from "./body";
import type { Side } from "./pose";
import { skeletonOf } from "./skeleton";
import { between, inAxes, subtract } from "./vector";

const DEGREES = 180 / Math.PI;

/** A leg as it stands in the room, by where its ankle and knee are. */
function asTarget(body: Body, side: Side): LimbNumbers {
  const { joints } = skeletonOf(body);
  const [hip, knee, ankle] = [joints[`${side}Hip`], joints[`${side}Knee`], joints[`${side}Ankle`]];
  const foot = subtract(joints[`${side}Toe`], joints[`${side}Heel`]);
  const turn = Math.atan2(signOf(side) * foot[2], foot[0]) * DEGREES;
  const down = -Math.atan2(foot[1], Math.hypot(foot[0], foot[2])) * DEGREES;
  return { way: "target", numbers: [...ankle, turn, down, ...subtract(knee, between(hip, ankle))] };
}

/** An arm by where its hand is in the room, and where its elbow bends to. */
function asRoom(body: Body, side: Side): LimbNumbers {
  const { joints, trunk } = skeletonOf(body);
  const [shoulder, elbow, hand] = [joints[`${side}Shoulder`], joints[`${side}Elbow`], joints[`${side}Hand`]];
  return { way: "room", numbers: [...hand, ...inAxes(trunk, subtract(elbow, between(shoulder, hand)))] };
}

/** Bodies each of whose limbs is given in one way in all of them. */
export function alike(bodies: readonly Body[]): Body[] {
  const mixed = LIMBS.filter((limb) => new Set(bodies.map((b) => b[limb].way)).size > 1);
  return bodies.map((body) => {
    const changed = mixed.map((limb) => {
      const side: Side = limb.startsWith("left") ? "left" : "right";
      return [limb, limb.endsWith("Leg") ? asTarget(body, side) : asRoom(body, side)] as const;
    });
    return { ...body, ...Object.fromEntries(changed) };
  });
}

/** What stands between four numbers that follow each other, at a share of the way from the second to the third. */
type Curve = (before: number, from: number, to: number, after: number, share: number) => number;

/** Slow at both ends. */
const eased: Curve = (_, from, to, __, share) => from + (to - from) * share * share * (3 - 2 * share);

/** On through all of them, by Catmull and Rom. */
const flowing: Curve = (before, from, to, after, s) =>
  0.5 *
  (2 * from +
    (to - before) * s +
    (2 * before - 5 * from + 4 * to - after) * s * s +
    (3 * from - before - 3 * to + after) * s * s * s);

/** A body between those of a round, `share` of the way from the body at `index` to the next one. */
export function bodyBetween(round: readonly Body[], index: number, share: number, flows: boolean): Body {
  const curve = flows ? flowing : eased;
  const at = (offset: number) => round[(index + offset + round.length) % round.length]!;
  const [before, from, to, after] = [at(-1), at(0), at(1), at(2)];
  const numbers = (of: (body: Body) => readonly number[]) =>
    of(from).map((n, i) => curve(of(before)[i]!, n, of(to)[i]!, of(after)[i]!, share));
  const limb = (name: (typeof LIMBS)[number]): LimbNumbers => ({
    way: from[name].way,
    numbers: numbers((b) => b[name].numbers),
  });
  return {
    root: numbers((b) => b.root),
    leftLeg: limb("leftLeg"),
    rightLeg: limb("rightLeg"),
    leftArm: limb("leftArm"),
    rightArm: limb("rightArm"),
  };
}

/** A body as it breathes, at a share of a breath. */
export function breathing(body: Body, share: number): Body {
  const lift = 0.005 * (1 - Math.cos(share * 2 * Math.PI));
  const root = body.root.map((n, i) => (i === 13 ? n + lift : n));
  return { ...body, root };
}
