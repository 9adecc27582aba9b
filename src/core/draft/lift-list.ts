/** What has main lifts in an order, any of them paired with the next. */
interface WithLifts<L extends { pairedWithNext: boolean }> {
  readonly lifts: readonly L[];
}
type Lift = { pairedWithNext: boolean };

/** Other lifts, made so that the last one has nothing after it to be paired with. */
function withLifts<P extends WithLifts<Lift>>(plan: P, lifts: readonly Lift[]): P {
  const last = lifts.length - 1;
  return { ...plan, lifts: lifts.map((l, i) => (i === last ? { ...l, pairedWithNext: false } : l)) };
}

/** Takes out the lift at a place. The only lift stays. */
export function removeLift<P extends WithLifts<Lift>>(plan: P, at: number): P {
  return plan.lifts.length > 1 ? withLifts(plan, plan.lifts.toSpliced(at, 1)) : plan;
}

/** Moves the lift at a place to another. Places outside the list change nothing. */
export function moveLift<P extends WithLifts<Lift>>(plan: P, at: number, to: number): P {
  const moving = plan.lifts[at];
  if (!moving || to < 0 || to >= plan.lifts.length) return plan;
  return withLifts(plan, plan.lifts.toSpliced(at, 1).toSpliced(to, 0, moving));
}

/** Changes the lift at a place, so that the last one is still not paired with anything. */
export function changeLift<L extends Lift, P extends WithLifts<L>>(
  plan: P & WithLifts<L>,
  at: number,
  change: (lift: L) => L,
): P {
  return withLifts(
    plan,
    plan.lifts.map((l, i) => (i === at ? change(l) : l)),
  );
}
