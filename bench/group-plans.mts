import { shippedCatalog as catalog } from "@/catalog";
import { rulesOut } from "@/core/athlete";
import type { Candidate } from "@/core/drills";
import { type GroupPlan, type GroupRequest, type MemberPlan, planGroup } from "@/core/group";
import { formatClock, weight } from "@/core/units";
import { groups } from "@/demo/people";
import { ordinaryGym } from "./cases";

/** The shape of the plans of twelve groups of 4 to 14: what a coach would strike of what each member does. */

const people = groups.flatMap((g) => g.athletes);
const LIFTS = ["back-squat", "bench-press", "deadlift", "power-clean"];
const SIZES = [4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 14];

function groupOf(size: number, i: number): GroupRequest {
  const lift = catalog.lifts.find((l) => l.id === LIFTS[i % LIFTS.length])!;
  return {
    ...{ unit: "kg", minutes: [14, 20, 26][i % 3]!, room: "normal", equipment: null },
    ...{ own: [], dropped: [], drills: catalog.drills },
    approach: catalog.approaches[i % catalog.approaches.length]!,
    counts: { rower: 3, bike: 2, stick: 6, kettlebell: 5, roller: 4, bench: 6, box: 4, "band-light": 8 },
    members: Array.from({ length: size }, (_, m) => {
      const { name, experience, limiters, areas } = people[(m + 3 * i) % people.length]!;
      const working = { weight: weight(50 + ((m * 10) % 90)), reps: 5, sets: 3, rir: 1 };
      return {
        ...{ id: String(m), name, lifts: [{ lift, kit: ordinaryGym, working }] },
        athlete: { experience, limiters, areas: areas.map(([area, level]) => ({ area, level })) },
      };
    }),
  };
}

function judge(request: GroupRequest, plan: GroupPlan, { id, steps, waitingSeconds, seconds }: MemberPlan) {
  const done = [...new Map(steps.map((s) => [s.drill, s.placed.candidate])).values()];
  const { phases } = request.approach;
  const isUnder = ({ phase, drill: { dose }, sets, amount, rounds }: Candidate) =>
    phase !== "raise" && rounds * sets * amount < dose.sets[1] * dose.amount[1];
  const raises = done.filter((c) => c.phase === "raise");
  const wantsHeat = phases.some((p) => p.phase === "raise" && p.least > 0);
  const hasHeat = plan.shared.some((s) => s.phase === "raise");
  const { athlete } = request.members.find((m) => m.id === id)!;
  return {
    drills: done.length,
    under: done.filter(isUnder).length,
    fragments: raises.length > 1,
    withoutHeat: wantsHeat && hasHeat && raises.length === 0,
    waits: waitingSeconds > 60,
    over: seconds > request.minutes * 60,
    unkind: done.filter((c) => rulesOut(athlete, c.drill)).length,
  };
}

const totals = {
  members: 0,
  drills: 0,
  under: 0,
  fragments: 0,
  withoutHeat: 0,
  waits: 0,
  over: 0,
  unkind: 0,
};
for (const [i, size] of SIZES.entries()) {
  const request = groupOf(size, i);
  const plan = planGroup(request);
  const judged = plan.members.map((m) => judge(request, plan, m));
  totals.members += size;
  for (const j of judged) {
    totals.drills += j.drills;
    totals.under += j.under;
    totals.fragments += Number(j.fragments);
    totals.withoutHeat += Number(j.withoutHeat);
    totals.waits += Number(j.waits);
    totals.over += Number(j.over);
    totals.unkind += j.unkind;
  }
  const raises = plan.members.map((m) => m.steps.find((s) => s.phase === "raise")?.drill ?? "none");
  const kinds = [...new Set(raises)].map((r) => `${raises.filter((x) => x === r).length} ${r}`).join(", ");
  console.log(
    `${request.approach.name}, ${request.members[0]!.lifts[0]!.lift.name}, ${size} people, ${request.minutes} min: ${formatClock(plan.seconds)}`,
  );
  console.log(`  heat: ${kinds}`);
  console.log(`  all: ${plan.shared.map((s) => s.drill).join(", ")}`);
  const own = plan.members.flatMap((m) => m.steps.filter((s) => s.kind === "personal").map((s) => s.drill));
  console.log(`  own: ${own.join(", ") || "none"}`);
}
console.log(
  `${totals.members} members, ${totals.drills} drills: under the usual dose ${totals.under}, raise in pieces ${totals.fragments}, without heat ${totals.withoutHeat}, waiting over a minute ${totals.waits}, over time ${totals.over}, unkind ${totals.unkind}`,
);
