import { approach, planRequest } from "@/__tests__/fixtures";
import { shippedCatalog as catalog } from "@/catalog";
import type { AreaId, AreaLevel } from "./catalog";
import { DEMANDS, type DemandId } from "./demands";
import { drillsAtPace } from "./drills";
import { type Plan, type PlanRequest, planWarmUp } from "./plan";
import type { Experience } from "./ramp";
import { weight, weightValue } from "./units";

/** What a coach would strike in a plan wherever it stands, held against plans of all approaches that are planned once. */
const LIFTS: readonly [lift: string, kg: number, reps: number][] = [
  ["back-squat", 140, 5],
  ["front-squat", 60, 3],
  ["bench-press", 87.5, 8],
  ["deadlift", 187.5, 5],
  ["clean-and-jerk", 82.5, 2],
  ["snatch", 52.5, 2],
];
const ATHLETES: readonly {
  experience: Experience;
  limiters: DemandId[];
  area: [AreaId, AreaLevel] | null;
}[] = [
  { experience: "beginner", limiters: [], area: null },
  { experience: "intermediate", limiters: ["ankle-dorsiflexion"], area: ["knee", "sore"] },
  { experience: "advanced", limiters: ["thoracic-extension"], area: ["shoulder", "slow"] },
  { experience: "intermediate", limiters: ["glute-med"], area: null },
];
const MINUTES = [8, 12, 20];

interface Planned {
  request: PlanRequest;
  plan: Plan;
  says: string;
}

const planned: Planned[] = catalog.approaches.flatMap(({ id }, a) =>
  LIFTS.flatMap(([lift, kg, reps], l) =>
    MINUTES.map((minutes, m) => {
      const { experience, limiters, area } = ATHLETES[(a + l + m) % ATHLETES.length]!;
      const areas = area ? [{ area: area[0], level: area[1] }] : [];
      const asked = planRequest(lift, kg, { minutes, approach: approach(id) });
      const lifts = asked.lifts.map((p) => ({ ...p, working: { ...p.working!, weight: weight(kg), reps } }));
      const room = (l + m) % 3 === 0 ? ("cold" as const) : ("normal" as const);
      const request = { ...asked, lifts, room, athlete: { experience, limiters, areas } };
      const says = `${lift} ${kg} × ${reps}, ${id}, ${minutes} min, ${experience}, ${limiters}, ${area}, ${room}`;
      return { request, plan: planWarmUp(request), says };
    }),
  ),
);

/** The plans that a coach would strike something in, in words. */
const struck = (isStruck: (planned: Planned) => boolean) => planned.filter(isStruck).map((p) => p.says);

const loadsOf = ({ plan }: Planned) => plan.ramps[0]!.sets.map((s) => s.weight);
const liftOf = ({ request }: Planned) => request.lifts[0]!;
const working = (p: Planned) => liftOf(p).working!.weight;
/** The jumps on the way, that to the working weight not among them. */
const jumpsOf = (p: Planned) => loadsOf(p).flatMap((w, i, all) => (i > 0 ? [w - all[i - 1]!] : []));

describe("on the way up no coach would strike", () => {
  test("a beginner's first set half-way up", () => {
    const isLate = (p: Planned) => (p.plan.ramps[0]!.sets[0]?.fraction ?? 0) > 0.5;
    expect(struck((p) => p.request.athlete.experience === "beginner" && isLate(p))).toEqual([]);
  });

  test("an Olympic lift that nobody has done lighter than at 60 %", () => {
    const isLate = (p: Planned) => (p.plan.ramps[0]!.sets[0]?.fraction ?? 0) >= 0.6;
    expect(struck((p) => liftOf(p).lift.olympic && isLate(p))).toEqual([]);
  });

  test("a jump of more than half of the working weight, nor of a third of an Olympic lift", () => {
    const most = (p: Planned) => (liftOf(p).lift.olympic ? 0.34 : 0.5) * working(p);
    expect(struck((p) => jumpsOf(p).some((jump) => jump > most(p)))).toEqual([]);
  });

  test("two sets that are no step apart, a first one done again aside", () => {
    const isCrowded = (p: Planned) =>
      jumpsOf(p).some((jump, i) => jump < weight(5) && !(i === 0 && jump === 0));
    expect(struck(isCrowded)).toEqual([]);
  });

  test("small plates on the way to a great weight", () => {
    const isOdd = (p: Planned) =>
      working(p) >= weight(100) && loadsOf(p).some((w) => weightValue(w) % 5 !== 0);
    expect(struck(isOdd)).toEqual([]);
  });

  test("a ramp that falls, or that reaches the working weight before the work", () => {
    expect(struck((p) => jumpsOf(p).some((jump) => jump < 0))).toEqual([]);
    expect(struck((p) => loadsOf(p).some((w) => w >= working(p)))).toEqual([]);
  });

  test("repetitions that rise with the weight", () => {
    const rises = ({ plan }: Planned) =>
      plan.ramps[0]!.sets.some((s, i, all) => i > 0 && s.reps > all[i - 1]!.reps);
    expect(struck(rises)).toEqual([]);
  });
});

describe("among the drills no coach would strike", () => {
  const firsts = ({ plan }: Planned) => plan.steps.filter((s) => s.round === 1);
  const chosenOf = ({ plan }: Planned) => plan.blocks[0].choice.chosen;

  test("a raise in two pieces, or one after something else", () => {
    const raises = (p: Planned) => firsts(p).flatMap((s, i) => (s.phase === "raise" ? [i] : []));
    expect(struck((p) => raises(p).length > 1 || (raises(p)[0] ?? 0) > 0)).toEqual([]);
  });

  test("a drill for limiters alone without one", () => {
    const isNeedless = (p: Planned) =>
      firsts(p).some(
        (s) => s.drill.remedial && !p.request.athlete.limiters.some((l) => (s.drill.serves[l] ?? 0) > 0),
      );
    expect(struck(isNeedless)).toEqual([]);
  });

  test("more than a coach can explain", () => {
    const most = ({ request, plan }: Planned) => {
      const { approach: by, athlete } = request;
      const beside = (by.onlySlots ? athlete.limiters.length : 0) + (by.id === "bar-first" ? 1 : 0);
      return drillsAtPace(by, plan.blocks[0].choice.model.seconds) + beside;
    };
    expect(struck((p) => chosenOf(p).length > most(p))).toEqual([]);
  });

  test("nothing for a stiff joint although there are five minutes", () => {
    const isForgotten = (p: Planned) =>
      p.plan.blocks[0].choice.model.seconds >= 300 &&
      p.request.athlete.limiters.some(
        (l) => DEMANDS[l].kind === "range" && firsts(p).every((s) => (s.drill.serves[l] ?? 0) < 2),
      );
    expect(struck(isForgotten)).toEqual([]);
  });

  test("a rehearsal of another lift, or one that ends on a part where the whole was done", () => {
    const isForeign = (p: Planned) =>
      chosenOf(p).some(
        (c) =>
          c.phase === "rehearse" &&
          !p.request.approach.onlySlots &&
          c.drill.rehearses !== undefined &&
          !c.drill.rehearses.includes(liftOf(p).lift.id),
      );
    expect(struck(isForeign)).toEqual([]);
    const endsOnPart = (p: Planned) => {
      const parts = firsts(p).flatMap((s) => (s.phase === "rehearse" ? [s.drill.part ?? 0] : []));
      return !p.request.approach.onlySlots && parts.some((part, i) => i > 0 && part < parts[i - 1]!);
    };
    expect(struck(endsOnPart)).toEqual([]);
  });

  test("minutes that are there, left while a job of the approach is not done for which they would do", () => {
    const couldBeDone = ({ plan, request }: Planned) => {
      const { model, chosen } = plan.blocks[0].choice;
      const left = request.minutes * 60 - plan.seconds;
      return request.approach.slots.some((slot, i) => {
        const doing = model.candidates.filter((c) => c.slot === i && !c.pinned);
        const isDone = chosen.some((c) => c.slot === i);
        const fits = doing.some((c) => c.seconds + 30 < left && !chosen.some((o) => o.family === c.family));
        const isFull = chosen.length >= drillsAtPace(request.approach, model.seconds);
        return slot.points >= 20 && doing.length > 0 && !isDone && fits && !isFull;
      });
    };
    expect(struck(couldBeDone)).toEqual([]);
  });
});
