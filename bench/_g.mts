import { catalog } from "@/catalog";
import { planGroup } from "@/core/group";
import { weight } from "@/core/units";
import { groups } from "@/demo/people";
import { ordinaryGym } from "./cases";

const people = groups.flatMap((g) => g.athletes);
for (const n of [4, 14, 30, 60])
  for (const a of ["temperature-first", "every-joint", "deep-mobility"]) {
    const members = Array.from({ length: n }, (_, i) => {
      const p = people[i % people.length]!;
      return {
        id: `${i}`,
        name: p.name,
        athlete: {
          experience: p.experience,
          limiters: p.limiters,
          areas: p.areas.map(([area, level]) => ({ area, level })),
        },
        lifts: [
          {
            lift: catalog.lifts[0]!,
            kit: ordinaryGym,
            working: { weight: weight(60 + ((i * 10) % 100)), reps: 5, sets: 3, rir: 1 },
          },
        ],
      };
    });
    const req = {
      unit: "kg" as const,
      minutes: 20,
      approach: catalog.approaches.find((x) => x.id === a)!,
      room: "normal" as const,
      equipment: null,
      own: [],
      dropped: [],
      drills: catalog.drills,
      members: members as never,
      counts: { rower: 3, bike: 2, stick: 6, kettlebell: 5, roller: 4, bench: 6, "band-light": 8 },
    };
    planGroup(req);
    const t = performance.now();
    const p = planGroup(req);
    console.log(
      n,
      a,
      (performance.now() - t).toFixed(0),
      "ms",
      p.objective.toFixed(1),
      p.shared.map((s) => `${s.drill}${s.waves > 1 ? "*2" : ""}`).join(" "),
      "| personal",
      p.members.reduce((x, m) => x + m.steps.filter((s) => s.kind === "personal").length, 0),
      "sub",
      p.members.reduce((x, m) => x + m.steps.filter((s) => s.kind === "substitute").length, 0),
      "wait",
      p.members.map((m) => m.waitingSeconds).join(","),
      "max",
      p.seconds,
    );
  }
