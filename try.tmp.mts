import { catalog } from "@/catalog";
import { formatDose } from "@/core/dose";
import { planWarmUp, substitutesFor } from "@/core/plan";
import { barKit } from "@/core/plates";
import { formatClock, formatWeight, weight } from "@/core/units";

const kit = barKit(
  weight(20),
  weight(0),
  [
    [25, 2],
    [20, 2],
    [15, 1],
    [10, 2],
    [5, 2],
    [2.5, 2],
    [1.25, 2],
  ].map(([w, p]) => ({ weight: weight(w!), pairs: p!, fullDiameter: w! >= 20 })),
);
const A = (limiters: any[] = [], areas: any[] = [], experience: any = "intermediate") => ({
  experience,
  limiters,
  areas,
});
const cases: any[] = [
  ["back-squat", 100, 5, 15, "temperature-first", A(["ankle-dorsiflexion"])],
  ["front-squat", 80, 3, 20, "temperature-first", A(["front-rack", "wrist-extension"])],
  ["bench-press", 70, 8, 12, "temperature-first", A()],
  ["bench-press", 70, 8, 12, "bar-first", A(["rotator-cuff"], [{ area: "shoulder", level: "slow" }])],
  [
    "deadlift",
    140,
    5,
    15,
    "temperature-first",
    A(["hamstring-length"], [{ area: "low-back", level: "sore" }]),
  ],
  ["overhead-press", 45, 5, 14, "temperature-first", A(["shoulder-flexion"])],
  ["power-clean", 70, 3, 20, "temperature-first", A(["front-rack", "ankle-dorsiflexion"])],
  [
    "romanian-deadlift",
    60,
    10,
    10,
    "temperature-first",
    A([], [{ area: "knee", level: "avoid" }], "beginner"),
  ],
  ["back-squat", 100, 5, 6, "temperature-first", A()],
  ["back-squat", 140, 3, 12, "bar-first", A(["hip-external-rotation", "thoracic-extension"])],
  [
    "back-squat",
    60,
    8,
    30,
    "temperature-first",
    A(
      [],
      [
        { area: "impact", level: "avoid" },
        { area: "knee", level: "very-slow" },
      ],
    ),
  ],
];
for (const [l, w, r, m, a, ath] of cases) {
  const req = {
    unit: "kg" as const,
    kit,
    lifts: [
      {
        lift: catalog.lifts.find((x) => x.id === l)!,
        working: { weight: weight(w), reps: r, sets: 5, rir: 1 },
      },
    ],
    minutes: m,
    athlete: ath,
    approach: catalog.approaches.find((x) => x.id === a)!,
    room: "normal" as const,
    equipment: null,
    own: [],
    dropped: [],
    drills: catalog.drills,
  };
  const t = performance.now();
  const p = planWarmUp(req);
  const dt = performance.now() - t;
  console.log(
    `\n## ${l} ${w}x${r} ${m}min ${a} lim=${ath.limiters} areas=${JSON.stringify(ath.areas)}  total ${formatClock(p.seconds)} cands=${p.choice.model.candidates.length} ${dt.toFixed(1)}ms`,
  );
  for (const s of p.steps)
    console.log(
      formatClock(s.startsAt).padStart(5),
      s.phase.padEnd(9),
      s.drill.name.padEnd(34),
      formatDose(s.dose).padEnd(22),
      String(s.seconds).padStart(4),
      s.reason,
    );
  console.log(
    "  ramp",
    p.ramps[0]!.sets.map((s) => `${formatWeight(s.weight)}x${s.reps}`).join(" · "),
    formatClock(p.ramps[0]!.totals.seconds),
  );
  for (const f of p.findings) console.log("  !", f.code, f.message);
  if (p.steps[2])
    console.log(
      "  subs of",
      p.steps[2].drill.name,
      ":",
      substitutesFor(p, p.steps[2].drill.id)
        .map((s) => `${s.drill.name} (${s.relation} ${s.change.toFixed(1)})`)
        .join(", "),
    );
}
