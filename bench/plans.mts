import { isDone, type ReferenceWarmUp, references, stepsOf } from "@/__tests__/reference-warm-ups";
import { shippedCatalog as catalog } from "@/catalog";
import type { EquipmentId } from "@/core/catalog";
import { DEMANDS } from "@/core/demands";
import { type Candidate, drillsAtPace, jobOf, placesFor } from "@/core/drills";
import { type Plan, type PlanRequest, planWarmUp } from "@/core/plan";
import { reviewWarmUp } from "@/core/remedies";
import { reviewContext, writtenOf } from "@/core/review";
import { weight } from "@/core/units";
import { ordinaryGym } from "./cases";

/**
 * The shape of plans, by approach: how many of the things that a coach would strike are in them, over a grid of 960 and held
 * against warm-ups as coaches write them.
 */
const LIFTS = [
  "back-squat",
  "front-squat",
  "low-bar-squat",
  "bench-press",
  "incline-bench-press",
  "overhead-press",
].concat(["deadlift", "sumo-deadlift", "barbell-row", "pull-up", "power-clean", "snatch"]);
const MINUTES = [8, 12, 16, 20, 30];
const SMALL_KIT: readonly EquipmentId[] = ["bar", "rack", "stick", "band-light", "bench"];
const ATHLETES: PlanRequest["athlete"][] = [
  { experience: "intermediate", limiters: [], areas: [] },
  { experience: "advanced", limiters: ["ankle-dorsiflexion"], areas: [] },
  { experience: "intermediate", limiters: ["shoulder-flexion"], areas: [{ area: "knee", level: "slow" }] },
  { experience: "beginner", limiters: [], areas: [{ area: "low-back", level: "sore" }] },
];
/** From so much time for drills on a warm-up is a whole one. Seconds. */
const WHOLE_FROM = 150;

function request(
  lift: string,
  approach: string,
  change: Pick<PlanRequest, "minutes" | "athlete" | "equipment">,
  [kg, reps]: readonly [number, number] = [80, 5],
): PlanRequest {
  const found = catalog.lifts.find((l) => l.id === lift)!;
  const working = { weight: weight(kg), reps, sets: 3, rir: 1 };
  const kit = found.implement === "barbell" ? ordinaryGym : null;
  return {
    ...{ unit: "kg", room: "normal", own: [], dropped: [], drills: catalog.drills, ...change },
    lifts: [{ lift: found, kit, working: kit ? working : null }],
    approach: catalog.approaches.find((a) => a.id === approach)!,
  };
}

interface Shape {
  plan: Plan;
  request: PlanRequest;
  chosen: readonly Candidate[];
}

const isUnder = ({ phase, drill: { dose }, sets, amount, rounds }: Candidate) =>
  phase !== "raise" && rounds * sets * amount < dose.sets[1] * dose.amount[1];

/** Drills for a job beyond its places. */
function doubles({ chosen, request }: Shape): Candidate[] {
  const seen = new Map<string, number>();
  return chosen.filter((c) => {
    const n = (seen.get(c.job) ?? 0) + 1;
    seen.set(c.job, n);
    return n > placesFor(c, request.approach);
  });
}

/** Whether a job that the lift asks for has no drill although one may be chosen. */
function hasGap({ plan, chosen }: Shape): boolean {
  const { model } = plan.blocks[0].choice;
  const done = new Set(chosen.map((c) => c.job));
  return model.candidates.some((c) => {
    const { asked } = model.demands[jobOf(c.drill, c.phase, model.demands).demand]!;
    return (
      asked >= 2 && c.phase !== "raise" && !done.has(c.job) && !chosen.some((o) => o.family === c.family)
    );
  });
}

/** Drills that nothing asked needs, and that no slot or limiter has asked for. */
function fillers({ chosen, plan, request }: Shape): Candidate[] {
  const { demands } = plan.blocks[0].choice.model;
  return chosen.filter((c) => {
    if (c.phase === "raise" || c.slot !== null) return false;
    if (request.athlete.limiters.some((l) => (c.drill.serves[l] ?? 0) >= 2)) return false;
    if (c.drill.planes.some((p) => p !== "sagittal" && request.approach.planes.includes(p))) return false;
    const { asked, weight: w } = demands[jobOf(c.drill, c.phase, demands).demand]!;
    return Math.max(asked, w) < 1.6;
  });
}

/** Faults of order: rolled after held, parts after wholes, assisted after free. */
function orderFaults({ plan, request }: Shape): number {
  const steps = plan.steps.filter((s) => s.round === 1);
  let faults = 0;
  steps.forEach((later, j) => {
    for (const first of steps.slice(0, j)) {
      const [a, b] = [first.drill, later.drill];
      const areParts = a.part !== undefined && b.part !== undefined && !request.approach.onlySlots;
      if (areParts && first.phase === later.phase && a.part! > b.part!) faults++;
      const rolls = b.equipment.flat().includes("roller");
      if (rolls && a.stretch && !a.equipment.flat().includes("roller")) faults++;
    }
  });
  return faults;
}

function judge(shape: Shape) {
  const { plan, chosen, request: r } = shape;
  const { model } = plan.blocks[0].choice;
  const isWhole = model.seconds >= WHOLE_FROM;
  const { onlySlots } = r.approach;
  // A raise for a cold room or a stiff athlete is not among the drills that an approach usually does.
  const isRare = r.approach.phases.some((p) => p.phase === "raise" && p.whenColdOrStiff);
  const beside =
    (onlySlots && model.demands.some((d) => d.limiter) ? 1 : 0) +
    (isRare && chosen.some((c) => c.phase === "raise") ? 1 : 0);
  const limit = drillsAtPace(r.approach, model.seconds) + beside;
  const under = isWhole ? chosen.filter(isUnder).length : 0;
  const struck = new Set([...doubles(shape), ...fillers(shape), ...(isWhole ? chosen.filter(isUnder) : [])])
    .size;
  // Jobs that the approach holds essential and that are left out although there are places for them.
  const essential = r.approach.slots.flatMap((slot, i) => {
    const could = model.candidates.some((c) => c.slot === i);
    return slot.points >= 20 && could ? [i] : [];
  });
  const done = essential.filter((i) => chosen.some((c) => c.slot === i)).length;
  const missing = Math.max(0, Math.min(essential.length, limit) - done);
  const limiter = model.demands.find((d) => d.limiter && DEMANDS[d.demand].kind === "range");
  const doseFor = (id: string) =>
    chosen
      .filter((c) => (c.drill.serves[id as never] ?? 0) >= 3)
      .reduce((sum, c) => sum + c.rounds * c.workSeconds, 0);
  const couldServe = limiter && model.candidates.some((c) => (c.drill.serves[limiter.demand] ?? 0) >= 3);
  const hasShape = chosen.some((c) => c.ownShape);
  const canShape = model.candidates.some((c) => c.ownShape) && model.seconds >= 120;
  const used = plan.seconds / (r.minutes * 60);
  return {
    ...{ drills: chosen.length, under, struck, isWhole },
    breaches: struck + (isWhole ? missing : 0),
    count: chosen.length <= limit && (!isWhole || chosen.length >= Math.max(1, Math.floor(limit * 0.5))),
    used: used >= 0.85 || chosen.length >= limit || model.seconds < WHOLE_FROM,
    doubled: hasGap(shape) ? doubles(shape).length : 0,
    filler: fillers(shape).length,
    ownShape: canShape ? hasShape : null,
    order: orderFaults(shape),
    limiter: limiter && couldServe && isWhole ? doseFor(limiter.demand) > 0 : null,
    findings: reviewWarmUp(writtenOf(plan, r.minutes), reviewContext(r)).length,
  };
}

const share = (list: readonly (boolean | null)[]) => {
  const said = list.filter((x) => x !== null);
  return said.length === 0
    ? "   –"
    : `${((100 * said.filter(Boolean).length) / said.length).toFixed(0).padStart(3)}%`;
};
const per = (part: number, all: number) => `${((100 * part) / Math.max(1, all)).toFixed(1).padStart(4)}%`;

console.log(
  "approach             plans  under struck ≤1breach count  used doubles fillers shape order limiter",
);
const total: ReturnType<typeof judge>[] = [];
for (const approach of catalog.approaches) {
  const judged = LIFTS.flatMap((lift, l) =>
    MINUTES.flatMap((minutes, m) =>
      [0, 1].map((k) => {
        const athlete = ATHLETES[(l + m + 2 * k) % ATHLETES.length]!;
        const r = request(lift, approach.id, {
          minutes,
          athlete,
          equipment: k === 0 ? null : new Set(SMALL_KIT),
        });
        const plan = planWarmUp(r);
        return judge({ plan, request: r, chosen: plan.blocks[0].choice.chosen });
      }),
    ),
  );
  total.push(...judged);
  print(approach.name, judged);
}
print("all", total);

function print(name: string, judged: readonly ReturnType<typeof judge>[]): void {
  const sum = (of: (j: (typeof judged)[number]) => number) => judged.reduce((s, j) => s + of(j), 0);
  const drills = sum((j) => j.drills);
  console.log(
    [
      name.padEnd(20),
      String(judged.length).padStart(5),
      per(
        sum((j) => j.under),
        drills,
      ),
      per(
        sum((j) => j.struck),
        drills,
      ),
      share(judged.map((j) => j.breaches <= 1)).padStart(8),
      share(judged.map((j) => j.count)),
      share(judged.map((j) => j.used)),
      String(sum((j) => j.doubled)).padStart(6),
      (sum((j) => j.filler) / judged.length).toFixed(2).padStart(6),
      share(judged.map((j) => j.ownShape)),
      String(sum((j) => j.order)).padStart(5),
      share(judged.map((j) => j.limiter)),
    ].join("  "),
  );
}

/** How a plan stands to a coach's own. */
function hold(ref: ReferenceWarmUp) {
  const { minutes, limiters, areas, experience } = ref;
  const athlete = { experience, limiters, areas };
  const r = request(ref.lift, ref.approach, { minutes, athlete, equipment: new Set(ref.kit) }, [
    ref.kg,
    ref.reps,
  ]);
  const plan = planWarmUp(r);
  const { chosen, model } = plan.blocks[0].choice;
  const ids = plan.steps.filter((s) => s.round === 1).map((s) => s.drill.id);
  const essential = ref.drills.filter((d) => d.essential);
  const done = essential.filter((d) => isDone(d.id, chosen, model.demands));
  const raise = plan.steps.filter((s) => s.phase === "raise").reduce((sum, s) => sum + s.seconds, 0);
  const common = ref.drills.filter((d) => ids.includes(d.id));
  const pairs = common.flatMap((a, i) =>
    common.slice(i + 1).map((b) => ids.indexOf(a.id) < ids.indexOf(b.id)),
  );
  const doses = chosen.filter((c) => c.phase !== "raise").map((c) => !isUnder(c));
  const steps = stepsOf(ref);
  const findings = reviewWarmUp({ ...writtenOf(plan, minutes), steps }, reviewContext(r));
  const within = (v: number, [least, most]: readonly [number, number], slack: number) =>
    v >= least - slack && v <= most + slack;
  return {
    ...{ ref, ids, findings, done: done.length, essential: essential.length, pairs, doses },
    missing: essential.filter((d) => !done.includes(d)).map((d) => d.id),
    count: within(new Set(ids).size, ref.count, 0),
    raise: within(raise, ref.raise, 20),
  };
}

const held = references.map(hold);
const all = (of: (h: (typeof held)[number]) => boolean[]) => share(held.flatMap(of));
console.log(
  `\n${references.length} reference warm-ups: essential jobs ${per(
    held.reduce((s, h) => s + h.done, 0),
    held.reduce((s, h) => s + h.essential, 0),
  )}, count in range${share(held.map((h) => h.count))}, raise in range${share(held.map((h) => h.raise))}, usual doses${all((h) => h.doses)}, order of common drills${all((h) => h.pairs)}, at most one finding of the review${share(held.map((h) => h.findings.length <= 1))}`,
);
/** The least and the most of a share over all ways to leave two of the references out. */
function withoutTwo(of: (h: (typeof held)[number]) => readonly boolean[]): string {
  const shares = held.flatMap((a, i) =>
    held.slice(i + 1).map((b) => {
      const rest = held.filter((h) => h !== a && h !== b).flatMap(of);
      return rest.filter(Boolean).length / rest.length;
    }),
  );
  return `${(100 * Math.min(...shares)).toFixed(1)} to ${(100 * Math.max(...shares)).toFixed(1)}%`;
}
const doneOf = (h: (typeof held)[number]) => Array.from({ length: h.essential }, (_, i) => i < h.done);
console.log(
  `  any two of them left out: essential jobs ${withoutTwo(doneOf)}, order of common drills ${withoutTwo((h) => h.pairs)}`,
);
for (const h of held.filter((h) => h.missing.length > 0 || !h.count || !h.raise)) {
  console.log(
    `  ${h.ref.approach}, ${h.ref.lift}: ${h.ids.join(", ")}; without ${h.missing.join(", ") || "nothing"}`,
  );
}
